import { clamp } from '../../../geometry/clamp.ts';
import { nearestOn, placeAtLength, splitCurve, startDirection, type Curve } from '../../../geometry/curve.ts';
import {
  add,
  angleBetween,
  dot,
  point,
  rotateDirection,
  scale,
  subtract,
  type Point,
} from '../../../geometry/point.ts';
import { asCubic, cubic, type Segment } from '../../../geometry/segment.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import { edgeLength, makePiece, type Edge, type Level, type Piece } from '../../../pieces/piece.ts';
import { changed, minus, plus, type Working } from '../../../workings/working.ts';
import { underarmOf } from '../../../pieces/underarm.ts';

/** At most this part of the side above a dart is cut away, and it ends this far above the bust line, mm: the bust is measured below it. */
const MOST_OF_SIDE = 0.4;
const ABOVE_BUST = 8;

/** The most of the side that an armhole can be lowered by, mm. */
function roomBelow(piece: Piece, side: Edge): number {
  const bust = piece.levels.find(({ name }) => name === 'bust')?.path.at(-1);
  const above = bust ? nearestOn(side.path, bust).along - ABOVE_BUST : Infinity;
  return Math.max(0, Math.min(above, MOST_OF_SIDE * edgeLength(side)));
}

/** A handle grows by no more than this, and shrinks by no more than its inverse, however its curve lies. */
const MOST_GROWTH = 3;

/** Growth of a handle with its curve: what the curve's end has moved, as seen along the handle. */
function growth(handle: Point, was: Point, is: Point): number {
  const along = dot(was, handle);
  return along <= 0 ? 1 : clamp(dot(is, handle) / along, 1 / MOST_GROWTH, MOST_GROWTH);
}

/** The curve with its end moved to `foot` and turned by `angle`, radians; each handle grows as far as the curve does along it. */
function endedLower(curve: Segment, foot: Point, angle: number): Segment {
  const { a, b } = curve;
  const { c, d } = asCubic(curve);
  const [leaving, arriving] = [subtract(c, a), subtract(d, b)];
  const turned = rotateDirection(arriving, angle);
  const [was, is] = [subtract(b, a), subtract(foot, a)];
  return cubic(
    a,
    add(a, scale(leaving, growth(leaving, was, is))),
    add(foot, scale(turned, growth(scale(arriving, -1), was, is))),
    foot,
  );
}

/**
 * Ends the armhole so far down the side for a garment that is open or sleeveless: above its narrowest point it stays, below
 * it is drawn on, and meets the side at the angle that it did. The side loses the same at its top, so that front and back still meet.
 */
export function lowerArmhole(piece: Piece, by: Working): Piece {
  const { armhole, side } = underarmOf(piece);
  const cut = Math.min(by.mm, roomBelow(piece, side));
  if (cut <= 0) return piece;
  const { point: foot, direction } = placeAtLength(side.path, cut);
  const angle = angleBetween(startDirection(side.path), direction);
  const path = armhole.path.map((each, at) =>
    at === armhole.path.length - 1 ? endedLower(each, foot, angle) : each,
  );
  const rest: Curve = splitCurve(side.path, cut)[1];
  const level = (each: Level): Level =>
    each.name === 'chest' ? { ...each, path: [point(0, foot.y), foot] } : each;
  const lowered = makePiece({
    ...piece,
    edges: piece.edges.map((edge) => {
      if (edge === armhole) return { ...edge, path };
      return edge === side ? { ...edge, path: rest } : edge;
    }),
    notches: piece.notches.flatMap((notch) => {
      if (notch.edge === side.id) return notch.at > cut ? [{ ...notch, at: notch.at - cut }] : [];
      return [notch];
    }),
    levels: piece.levels.map(level),
  });
  const taken = changed(by, 'kept', cut - by.mm);
  return carryDimensions(piece, lowered, ({ at, kind }) => {
    if (at.kind === 'run' && at.of === 'side') return { terms: [minus(taken)], change: 'slant' };
    if (at.kind === 'level' && at.level === 'chest' && kind === 'down')
      return { terms: [plus(taken)], change: 'turned' };
    return { change: 'slant' };
  });
}
