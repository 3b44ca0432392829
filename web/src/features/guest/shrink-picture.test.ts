/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { shrinkPicture } from './shrink-picture.ts';

/** A photograph as a browser would have read it; the DOM of the tests draws none. */
let photograph: { readonly width: number; readonly height: number } | undefined;
/** Bytes of a JPEG of each pixel, at full quality. */
let bytesEach = 1;
const drawn: { readonly width: number; readonly height: number; readonly quality: number }[] = [];

beforeEach(() => {
  drawn.length = 0;
  bytesEach = 0.1;
  photograph = { width: 4000, height: 3000 };
  Object.assign(globalThis, {
    createImageBitmap: () =>
      photograph ? Promise.resolve({ ...photograph, close: () => undefined }) : Promise.reject(new Error()),
  });
  jest.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue(null);
  jest.spyOn(HTMLCanvasElement.prototype, 'toBlob').mockImplementation(function (
    this: HTMLCanvasElement,
    done,
    type,
    quality: unknown,
  ) {
    const { width, height } = this;
    drawn.push({ width, height, quality: Number(quality) });
    done(new Blob([new Uint8Array(width * height * bytesEach * Number(quality))], { type: type ?? '' }));
  });
});
afterEach(() => {
  jest.restoreAllMocks();
});

test('a photograph is sent no longer than 1280 pixels and as a JPEG, its sides as they were', async () => {
  expect((await shrinkPicture(new Blob())).type).toBe('image/jpeg');
  expect(drawn).toEqual([{ width: 1280, height: 960, quality: 0.85 }]);
});

test('a small picture is not blown up', async () => {
  photograph = { width: 300, height: 200 };
  await shrinkPicture(new Blob());
  expect(drawn).toEqual([{ width: 300, height: 200, quality: 0.85 }]);
});

test('one that is still too heavy is drawn coarser until the shop takes it', async () => {
  bytesEach = 0.9;
  const sent = await shrinkPicture(new Blob());
  expect(drawn.map(({ quality }) => quality)).toEqual([0.85, 0.7, 0.5]);
  expect(sent.size).toBeLessThanOrEqual(600_000);
});

test('what is no picture, and what cannot be made small enough, is refused in words', async () => {
  bytesEach = 9;
  await expect(shrinkPicture(new Blob())).rejects.toThrow('cannot be made small enough');
  photograph = undefined;
  await expect(shrinkPicture(new Blob())).rejects.toThrow('not a picture that can be read here');
});
