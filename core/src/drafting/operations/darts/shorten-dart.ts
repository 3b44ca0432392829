import {
  endDirection,
  endOf,
  endTurned,
  startDirection,
  startOf,
  startTurned,
  type Curve,
} from '../../../geometry/curve.ts';
import { after as edgeAfter, before as edgeBefore } from '../../../geometry/loop.ts';
import { angleBetween, between, distance, subtract } from '../../../geometry/point.ts';
import { directionAt, line, type Segment } from '../../../geometry/segment.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import { edgeOf, type Dart, type Piece } from '../../../pieces/piece.ts';
import type { RuleSet } from '../../../rules/catalogue.ts';
import { byRule, changed, minus, plus, type Working } from '../../../workings/working.ts';

/** A tip is never pulled back by more than this part of its dart. */
const MOST = 0.6;

/** A dart's legs drawn anew from its mouth: what they turn there, the edge beside each turns with them, so that it runs as it did once the dart is sewn. */
function trueMouth(
  piece: Piece,
  { legs: [first, second] }: Dart,
  [out, back]: readonly [Segment, Segment],
): Piece {
  const [before, after] = [
    edgeBefore(piece.edges, edgeOf(piece, first)),
    edgeAfter(piece.edges, edgeOf(piece, second)),
  ];
  const paths = new Map<string, Curve>([
    [
      before.id,
      endTurned(before.path, angleBetween(startDirection(edgeOf(piece, first).path), directionAt(out, 0))),
    ],
    [first, [out]],
    [second, [back]],
    [
      after.id,
      startTurned(after.path, angleBetween(endDirection(edgeOf(piece, second).path), directionAt(back, 1))),
    ],
  ]);
  return { ...piece, edges: piece.edges.map((edge) => ({ ...edge, path: paths.get(edge.id) ?? edge.path })) };
}

/** Pulls a dart's tip back along its own bisector by a length that has a sum; the mouth stays and the legs stay equal. */
export function shortenDart(piece: Piece, dartId: string, by: Working): Piece {
  const dart = piece.darts.find(({ id }) => id === dartId);
  if (!dart) throw new Error(`${piece.id} has no dart ${dartId}`);
  const [first, second] = dart.legs.map((id) => edgeOf(piece, id).path);
  if (!first || !second) throw new Error(`dart ${dartId} has two legs`);
  const [a, tip, b] = [startOf(first), endOf(first), endOf(second)];
  const middle = between(a, b, 0.5);
  const part = Math.min(MOST, by.mm / distance(tip, middle));
  const shortened = between(tip, middle, part);
  const legs = trueMouth(piece, dart, [line(a, shortened), line(shortened, b)]);
  const taken = changed(by, 'kept', part * distance(tip, middle) - by.mm);
  const along = subtract(middle, tip);
  return carryDimensions(piece, legs, ({ at, kind }) => {
    if (at.kind !== 'dart' || at.dart !== dartId) return { change: 'slant' };
    if (at.part !== 'tip')
      return at.part === 'leg' ? { terms: [minus(taken)], change: 'slant' } : { change: 'slant' };
    // The greater part of the way is told as the whole, and the slant beside it; across it the slant alone is left.
    const [own, other] = kind === 'down' ? [along.y, along.x] : [along.x, along.y];
    if (Math.abs(own) < Math.abs(other)) return { change: 'along' };
    return { terms: [own < 0 ? minus(taken) : plus(taken)], change: 'along' };
  });
}

/** All darts of a block, drawn to the bust point, pulled back from it by the house's rule. */
export const shortenDarts = (block: Piece, rules: RuleSet): Piece =>
  block.darts.reduce(
    (piece, { id }) => shortenDart(piece, id, byRule('dart.tipShort', rules['dart.tipShort'])),
    block,
  );
