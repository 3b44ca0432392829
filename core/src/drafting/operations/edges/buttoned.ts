import { between, distance, type Point } from '../../../geometry/point.ts';
import type { Piece } from '../../../pieces/piece.ts';
import { withDimensions } from '../../../pieces/carry-dimensions.ts';
import { divided, drawn } from '../../../workings/working.ts';

/** A front with so many buttons at even distances from the first place to the last. */
export const buttoned = (piece: Piece, first: Point, last: Point, count: number): Piece =>
  withDimensions(
    {
      ...piece,
      buttons: Array.from({ length: count }, (_, index) =>
        between(first, last, count > 1 ? index / (count - 1) : 0.5),
      ),
    },
    {
      name: 'buttons-apart',
      label: 'Buttons, centre to centre',
      kind: 'length',
      at: { kind: 'buttons' },
      working: divided(drawn('first to last', distance(first, last)), Math.max(1, count - 1)),
    },
  );
