import { endOf, startOf } from '../../geometry/curve.ts';
import { between, distance } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import { edgeOf, replaceEdge, type Piece } from '../../pieces/piece.ts';

/** A tip is never pulled back by more than this part of its dart. */
const MOST = 0.6;

/** Pulls a dart's tip back from the bust point along its own bisector by `mm`; the mouth stays and the legs stay equal. */
export function shortenDart(piece: Piece, dartId: string, mm: number): Piece {
  const dart = piece.darts.find(({ id }) => id === dartId);
  if (!dart) throw new Error(`${piece.id} has no dart ${dartId}`);
  const [first, second] = dart.legs.map((id) => edgeOf(piece, id).path);
  if (!first || !second) throw new Error(`dart ${dartId} has two legs`);
  const [a, tip, b] = [startOf(first), endOf(first), endOf(second)];
  const middle = between(a, b, 0.5);
  const shortened = between(tip, middle, Math.min(MOST, mm / distance(tip, middle)));
  return replaceEdge(replaceEdge(piece, dart.legs[0], [line(a, shortened)]), dart.legs[1], [
    line(shortened, b),
  ]);
}

/** All darts of a block, drawn to the bust point, pulled back from it by `mm`. */
export const shortenDarts = (block: Piece, mm: number): Piece =>
  block.darts.reduce((piece, { id }) => shortenDart(piece, id, mm), block);
