import type { Detail } from '../drafting/detail.ts';
import type { Face, Piece } from '../pieces/piece.ts';
import { edgesOf } from './seam-parts.ts';

/** A zip down the centre of pieces, from the upper to the lower; of the last only for `to`, mm. */
export const zipDown = (face: Face, pieces: readonly Piece[], to?: number): Detail => ({
  kind: 'zip',
  face,
  edges: pieces.flatMap((piece) => edgesOf(piece, 'centre')),
  ...(to !== undefined && { to }),
});
