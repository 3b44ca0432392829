import { imageSize } from 'image-size';
import { Problem } from '../../http/problem.ts';

/** The client's page makes a picture at most this wide and high, and this heavy; what is more did not come from it. */
export const PICTURE = { edge: 1600, bytes: 700_000 };

/** A camera writes where and when beside the picture. The page leaves that out; nothing that has it is kept. */
const hasCameraData = (bytes: Buffer): boolean => bytes.subarray(0, 65_536).includes('Exif\0\0', 0, 'latin1');

const refuse = (message: string): Problem => new Problem(422, 'not-a-picture', message, { field: 'picture' });

/** Throws a 422 that says why, unless the bytes are a JPEG picture as the client's page makes them. */
export function checkPicture(bytes: unknown): Buffer {
  if (!Buffer.isBuffer(bytes) || bytes.length === 0)
    throw refuse('There is no picture in this; choose a photograph again.');
  const size = sizeOf(bytes);
  if (size?.type !== 'jpg') throw refuse('This is not a JPEG picture; choose a photograph again.');
  if (Math.max(size.width, size.height) > PICTURE.edge)
    throw refuse(`The picture is larger than ${PICTURE.edge} by ${PICTURE.edge}; make it smaller.`);
  if (hasCameraData(bytes))
    throw refuse('The picture still says where and when it was taken; send it through this page.');
  return bytes;
}

function sizeOf(bytes: Buffer) {
  try {
    return imageSize(bytes);
  } catch {
    // The package throws on everything that it cannot read; for us that is simply no picture.
    return undefined;
  }
}
