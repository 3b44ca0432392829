import { boxOf } from '@ample-bolt/core/geometry/ring';
import type { Cloth } from '@ample-bolt/core/lay/cloth';
import { usableWidth } from '@ample-bolt/core/lay/cloth';
import { wholeOutline, type LayPiece } from '@ample-bolt/core/lay/layable';
import { MaxRectsPacker, Rectangle } from 'maxrects-packer';

/** Taller than any lay; the packer wants a bin with an end. mm. */
const ENDLESS = 20_000;

/** The length that bounding boxes need, packed by a general rectangle packer: what outlines are worth. mm. */
export function boxLength(pieces: readonly LayPiece[], cloth: Cloth): number {
  const boxes = pieces.flatMap((piece) => {
    const box = boxOf(wholeOutline(piece));
    return Array.from(
      { length: piece.cut.copies },
      () => new Rectangle(Math.ceil(box.maxX - box.minX), Math.ceil(box.maxY - box.minY)),
    );
  });
  const packer = new MaxRectsPacker(Math.floor(usableWidth(cloth)), ENDLESS, 0, {
    smart: true,
    pot: false,
    square: false,
    allowRotation: false,
  });
  packer.addArray(boxes);
  return Math.max(...packer.bins.flatMap(({ rects }) => rects.map(({ y, height }) => y + height)));
}
