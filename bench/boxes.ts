import { boxOf } from '@ample-bolt/core/geometry/ring';
import { seededRandom } from '@ample-bolt/core/lay/plan/seeded-random';
import { wholeOutline, type LayPiece } from '@ample-bolt/core/lay/model/layable';
import { MaxRectsPacker, Rectangle } from 'maxrects-packer';

/** Taller than any lay; the packer wants a bin with an end. mm. */
const ENDLESS = 30_000;

/**
 * The shortest length that bounding boxes need in the time given, ms: a general rectangle packer fed the boxes in one random order after
 * another. Half turns and mirroring change no box. What curved outlines are worth is seen beside it. mm.
 */
export function boxLength(
  pieces: readonly LayPiece[],
  usable: number,
  milliseconds: number,
  seed: number,
): number {
  const sizes = pieces.flatMap((piece) => {
    const box = boxOf(wholeOutline(piece));
    const size = { width: Math.ceil(box.maxX - box.minX), height: Math.ceil(box.maxY - box.minY) };
    return Array.from({ length: piece.cut.copies }, () => size);
  });
  const random = seededRandom(seed);
  const end = performance.now() + milliseconds;
  let best = Infinity;
  for (let shake = 0; performance.now() < end; shake = 1.2 * random()) {
    const order = sizes
      .map((size) => ({ size, key: size.height * (1 + shake * (random() - 0.5)) }))
      .sort((a, b) => b.key - a.key);
    const packer = new MaxRectsPacker(Math.floor(usable), ENDLESS, 0, {
      smart: true,
      pot: false,
      square: false,
      allowRotation: false,
    });
    for (const { size } of order) packer.add(new Rectangle(size.width, size.height));
    if (packer.bins.length > 1) continue;
    best = Math.min(
      best,
      Math.max(...packer.bins.flatMap(({ rects }) => rects.map(({ y, height }) => y + height))),
    );
  }
  return best;
}
