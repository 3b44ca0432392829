import { curveLength, placeAtLength, splitCurve, startOf } from '../../../geometry/curve.ts';
import { distance, point, unitVector } from '../../../geometry/point.ts';
import { handleCurve, line } from '../../../geometry/segment.ts';
import { makePiece, type Piece } from '../../../pieces/piece.ts';
import { roomAhead } from './room-ahead.ts';
import { carryDimensions, declared, withDimensions, workingOf } from '../../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../../pieces/dimension.ts';
import { named, plus, sum, type Working } from '../../../workings/working.ts';
import { after, between } from '../../../geometry/loop.ts';

export interface CutOutPlan {
  /** Down the front edge from the neck. */
  readonly depth: Working;
  /** Taken out of the neckline, along it from the front edge. */
  readonly wedge: Working;
  readonly allowance: number;
}

/** A cut-out takes at most these parts of the neckline and of the front edge. */
const MOST = { neck: 0.5, front: 0.6 };
/** Each side of the heart leaves its foot outwards and meets the neckline upright; handles as parts of its chord. */
const HEART = { foot: 0.75, neck: 0.4 };

/**
 * Cuts half a heart out of a front below its neckline: it runs from the front edge, `depth` below the neck, out over the curve
 * of the heart and up into the neckline, which it shortens by `wedge`. The new edge follows the front edge in the loop, and is
 * what a strip along the front is carried around.
 */
export function cutOut(panel: Piece, plan: CutOutPlan): Piece {
  const front = panel.edges.find(({ role }) => role === 'front');
  const neck = front && after(panel.edges, front);
  if (!front || neck?.role !== 'neck') throw new Error(`${panel.id} has no neck beside a front edge`);
  const wedge = Math.min(plan.wedge.mm, MOST.neck * curveLength(neck.path));
  const whole = curveLength(front.path);
  const up = whole - Math.min(plan.depth.mm, MOST.front * whole);
  const foot = placeAtLength(front.path, up).point;
  const rest = splitCurve(neck.path, wedge)[1];
  const top = startOf(rest);
  const chord = distance(foot, top);
  const leaving = unitVector(point(1, -0.35));
  const reach = Math.min(HEART.foot * chord, roomAhead(panel, foot, leaving));
  const heart = handleCurve(foot, leaving, reach, top, point(0, -1), HEART.neck * chord);
  const cut = makePiece({
    ...panel,
    edges: [
      { ...neck, path: rest },
      ...between(panel.edges, neck, front),
      { ...front, path: [line(startOf(front.path), foot)] },
      { id: 'cut-out', role: 'front', path: [heart], allowance: plan.allowance },
    ],
    notches: panel.notches.flatMap((notch) => {
      if (notch.edge !== neck.id) return [notch];
      return notch.at > wedge ? [{ ...notch, at: notch.at - wedge }] : [];
    }),
  });
  const neckDepth = workingOf(panel, 'neck-depth');
  const down: Dimension = declared(
    cut,
    {
      name: 'cut-out-foot',
      label: 'Cut-out, down at the front edge',
      kind: 'down',
      at: { kind: 'edge end', edge: 'cut-out', end: 'start' },
      working: sum(...(neckDepth ? [plus(named('neck, down', neckDepth))] : []), plus(plan.depth)),
    },
    'kept',
  );
  const carried = carryDimensions(panel, cut, ({ at }) =>
    at.kind === 'corner' && at.of === 'neck' && at.end === 'start' ? undefined : { change: 'curve' },
  );
  return withDimensions(carried, down);
}
