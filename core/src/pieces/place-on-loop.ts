import { placeAtLength } from '../geometry/curve.ts';
import type { Point } from '../geometry/point.ts';
import { edgeLength, edgeOf, type Piece } from './piece.ts';

/** A place on the loop: mm along an edge, in the direction of the loop. */
export interface PlaceOnLoop {
  readonly edge: string;
  readonly at: number;
}

/** The point of a piece there. */
export const pointOn = (piece: Piece, { edge, at }: PlaceOnLoop): Point =>
  placeAtLength(edgeOf(piece, edge).path, at).point;

/** The place so far along an edge, as a part of it. */
export const partWay = (piece: Piece, edge: string, part: number): PlaceOnLoop => ({
  edge,
  at: part * edgeLength(edgeOf(piece, edge)),
});
