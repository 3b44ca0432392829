import type { Point } from '../geometry/point.ts';
import type { Ring } from '../geometry/ring.ts';
import { cutLine } from './cut-line.ts';
import { stitchRing, type Piece } from './piece.ts';

/** A piece ready for the cloth: its stitch line and its cut line as polygons. */
export interface DraftedPiece {
  readonly piece: Piece;
  readonly stitch: Ring;
  readonly outline: Ring;
  /** Corners of the cut line at the end of each edge, by edge id. */
  readonly corners: { readonly [edge: string]: Point };
}

export function finishPiece(piece: Piece): DraftedPiece {
  const { ring, corners } = cutLine(piece);
  return { piece, stitch: stitchRing(piece), outline: ring, corners: Object.fromEntries(corners) };
}
