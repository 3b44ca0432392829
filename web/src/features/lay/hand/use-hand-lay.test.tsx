/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { sampleLay } from '@ample-bolt/core/testing/sample-lay';
import { act, renderHook } from '@testing-library/react';
import { keptPage } from '../../../testing/kept-page.tsx';
import { useHandLay } from './use-hand-lay.ts';

const lay = (length: number) => sampleLay('half', length);

const byHand = (wrapper = keptPage()) =>
  renderHook(({ inputs }) => useHandLay('a cloth', inputs), {
    wrapper,
    initialProps: { inputs: 'these pieces' },
  });

test('each step can be taken back to the plan that it began with, and be made again', () => {
  const { result } = byHand();
  expect([result.current.lay, result.current.back, result.current.again]).toEqual([
    undefined,
    undefined,
    undefined,
  ]);
  act(() => result.current.step(lay(100), lay(90)));
  act(() => result.current.step(lay(90), lay(80)));
  for (const length of [90, 100]) {
    act(() => result.current.back?.());
    expect(result.current.lay?.length).toBe(length);
  }
  expect(result.current.back).toBeUndefined();
  act(() => result.current.again?.());
  act(() => result.current.step(lay(90), lay(70)));
  expect([result.current.lay?.length, result.current.again]).toEqual([70, undefined]);
});

test('the last fifteen plans are kept', () => {
  const { result } = byHand();
  for (let step = 1; step <= 20; step++) act(() => result.current.step(lay(0), lay(step)));
  let back = 0;
  while (result.current.back) {
    act(() => result.current.back?.());
    back++;
  }
  expect([back, result.current.lay?.length]).toEqual([14, 6]);
});

test('put aside, the plan is as the engine made it; brought, the hand has it again, over a reload too', () => {
  const wrapper = keptPage();
  const { result, unmount } = byHand(wrapper);
  act(() => result.current.step(lay(100), lay(90)));
  act(() => result.current.lock(lay(90), ['front 0']));
  act(() => result.current.putAside?.());
  expect([result.current.lay, result.current.locked]).toEqual([undefined, []]);
  unmount();
  const again = byHand(wrapper);
  act(() => again.result.current.bring?.());
  expect([again.result.current.lay?.length, again.result.current.locked]).toEqual([90, ['front 0']]);
});

test('for other pieces or another cloth nothing of it counts; for the same ones it does again', () => {
  const { result, rerender } = byHand();
  act(() => result.current.step(lay(100), lay(90)));
  rerender({ inputs: 'other pieces' });
  expect(result.current.lay).toBeUndefined();
  rerender({ inputs: 'these pieces' });
  expect(result.current.lay?.length).toBe(90);
  act(() => result.current.leave());
  expect([result.current.lay, result.current.bring]).toEqual([undefined, undefined]);
});
