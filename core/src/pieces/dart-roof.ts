import { clamp } from '../geometry/clamp.ts';
import { endDirection, endOf, startDirection, startOf } from '../geometry/curve.ts';
import {
  add,
  between,
  distance,
  dot,
  meetLines,
  reflectDirection,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import { edgeOf, type Dart, type Edge, type Piece } from './piece.ts';
import { after as edgeAfter, before as edgeBefore } from '../geometry/loop.ts';

/** A roof may rise this far from the mouth, as parts of the mouth's width; steeper peaks come only from broken drafts. */
const ROOF_RISE = { least: -0.2, most: 0.8 };

/**
 * The roof over a dart's mouth: once the dart is folded and pressed, the cloth in the fold must end on the seam of
 * the neighbour it lies on. That seam, mirrored in its leg, meets the fold line in the peak.
 */
export function dartRoof(piece: Piece, dart: Dart): [Point, Point, Point] {
  const [first, second] = [edgeOf(piece, dart.legs[0]), edgeOf(piece, dart.legs[1])];
  const [mouthA, tip, mouthB] = [startOf(first.path), endOf(first.path), endOf(second.path)];
  const middle = between(mouthA, mouthB, 0.5);
  const axis = unitVector(subtract(middle, tip));
  const [before, after] = [edgeBefore(piece.edges, first), edgeAfter(piece.edges, second)];
  const ontoNext = dart.pressed === 'hem' ? mouthB.y > mouthA.y : Math.abs(mouthB.x) < Math.abs(mouthA.x);
  const [from, direction] = ontoNext
    ? [mouthB, startDirection(after.path)]
    : [mouthA, scale(endDirection(before.path), -1)];
  const mirrored = reflectDirection(direction, unitVector(subtract(tip, from)));
  const peak = meetLines(from, mirrored, tip, axis);
  const mouth = distance(mouthA, mouthB);
  const rise = peak
    ? clamp(dot(subtract(peak, middle), axis), ROOF_RISE.least * mouth, ROOF_RISE.most * mouth)
    : 0;
  return [mouthA, add(middle, scale(axis, rise)), mouthB];
}

/** The loop with every dart bridged by its roof: what is cut, before allowances. */
export function edgesUnderRoofs(piece: Piece): Edge[] {
  return piece.edges.flatMap((edge) => {
    const dart = piece.darts.find(({ legs }) => legs.includes(edge.id));
    if (!dart) return [edge];
    if (dart.legs[1] === edge.id) return [];
    const [a, peak, b] = dartRoof(piece, dart);
    const seam = edgeBefore(piece.edges, edge);
    return [
      {
        id: dart.id,
        role: seam.role,
        allowance: seam.allowance,
        path: [line(a, peak), line(peak, b)],
      },
    ];
  });
}
