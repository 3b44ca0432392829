import { endOf, placeAtLength, splitCurve, startDirection, startOf } from '../../../geometry/curve.ts';
import { add, distance, point, quarterTurn, scale } from '../../../geometry/point.ts';
import { handleCurve, line } from '../../../geometry/segment.ts';
import { edgeLength, edgeOf, makePiece, type Level, type Piece } from '../../../pieces/piece.ts';
import { carryDimensions, workingOf } from '../../../pieces/carry-dimensions.ts';
import { changed, minus, plus, sum, times, type Working } from '../../../workings/working.ts';
import { underarmOf } from '../../../pieces/underarm.ts';

export interface CutAwayPlan {
  /** Width of the strap left on the shoulder, from the neck point. */
  readonly strap: Working;
  /** Depth of the armhole's end on the side, below the underarm. */
  readonly lower: Working;
}

/** The deep armhole leaves the strap straight down and arrives square to the side; handles as parts of its chord. */
const DEEP = { strap: 0.5, side: 0.42 };
/** At most this part of the side above a dart is cut away. */
const MOST_OF_SIDE = 0.6;

/**
 * Cuts the shoulder away to a small strap, and the armhole deep to the side: a halter. The neckline stays; what the side loses
 * at its top is the plan's, and its notches count from there.
 */
export function cutAway(front: Piece, { strap, lower }: CutAwayPlan): Piece {
  const shoulder = edgeOf(front, 'shoulder');
  const { armhole, side } = underarmOf(front);
  const cut = Math.min(lower.mm, MOST_OF_SIDE * edgeLength(side));
  const rest = cut > 0 ? splitCurve(side.path, cut)[1] : side.path;
  const at = placeAtLength(side.path, cut);
  const direction = startDirection(shoulder.path);
  const neckPoint = startOf(shoulder.path);
  const wide = Math.min(strap.mm, 0.9 * edgeLength(shoulder));
  const outer = add(neckPoint, scale(direction, wide));
  const chord = distance(outer, at.point);
  const deep = handleCurve(
    outer,
    quarterTurn(direction),
    DEEP.strap * chord,
    at.point,
    scale(quarterTurn(at.direction), -1),
    DEEP.side * chord,
  );
  const moved = (level: Level): Level =>
    level.name === 'chest' ? { ...level, path: [point(0, at.point.y), at.point] } : level;
  const away = makePiece({
    ...front,
    edges: front.edges.map((edge) => {
      if (edge === shoulder) return { ...edge, path: [line(neckPoint, outer)] };
      if (edge === armhole) return { ...edge, path: [deep] };
      return edge === side ? { ...edge, path: rest } : edge;
    }),
    notches: front.notches.flatMap((notch) => {
      if (notch.edge === armhole.id) return [];
      return [notch.edge === side.id ? { ...notch, at: notch.at - cut } : notch];
    }),
    levels: front.levels.map(moved),
  });
  const [left, taken] = [changed(strap, 'kept', wide - strap.mm), changed(lower, 'kept', cut - lower.mm)];
  const neckSum = workingOf(front, 'neck-width') ?? strap;
  const part = outer.y / endOf(shoulder.path).y;
  return carryDimensions(front, away, ({ at, kind }) => {
    if (at.kind === 'corner' && at.of === 'shoulder' && at.end === 'end')
      return kind === 'down'
        ? {
            becomes: (drop) => times(drop, part),
            change: 'slant',
            told: { label: 'Strap, drop at its outer end' },
          }
        : {
            becomes: () => sum(plus(neckSum), plus(left)),
            change: 'slant',
            told: { label: 'Strap, across to its outer end' },
          };
    if (at.kind === 'run' && at.of === 'shoulder')
      return { becomes: () => left, change: 'curve', told: { label: 'Strap, along the shoulder' } };
    if (at.kind === 'run' && at.of === 'side') return { terms: [minus(taken)], change: 'slant' };
    if (at.kind === 'level' && at.level === 'chest' && kind === 'down')
      return { terms: [plus(taken)], change: 'turned' };
    return { change: 'slant' };
  });
}
