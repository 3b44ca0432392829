import {
  curveLength,
  nearestOn,
  placeAtLength,
  startDirection,
  startOf,
  type Curve,
} from '../../../geometry/curve.ts';
import { distance, quarterTurn, scale } from '../../../geometry/point.ts';
import { handleCurve } from '../../../geometry/segment.ts';
import { edgeLength, edgeOf, makePiece, type Piece } from '../../../pieces/piece.ts';
import { isOther } from '../../../pieces/other-half.ts';
import { splitAcross } from './split-across.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';

export interface OneShoulderPlan {
  /** Length of the bare side above the edge, from the underarm, mm. */
  readonly drop: number;
  readonly allowance: number;
}

/** Handles of the edge, as parts of its chord: down from the kept neck point, and square to the bare side. */
const EDGE = { leaving: 0.32, arriving: 0.34 };
/** The edge ends at least this far above the bust line on the bare side, mm: below it the bust would have no cloth to lie in. */
const ABOVE_BUST = 10;

/** The topmost edge of the bare side. */
function bareSide(whole: Piece) {
  const sides = whole.edges.filter(({ id, role }) => role === 'side' && isOther(id));
  const [highest] = [...sides].sort((a, b) => yOf(a.path) - yOf(b.path));
  if (!highest) throw new Error(`${whole.id} was not opened flat`);
  return highest;
}

/** Greatest length of the bare side above the edge, from the underarm, mm. */
export function roomForDrop(whole: Piece): number {
  const { path } = bareSide(whole);
  const bust = whole.levels.find(({ name }) => name === 'bust')?.path[0];
  const above = bust ? curveLength(path) - nearestOn(path, bust).along : curveLength(path);
  return Math.max(0, above - ABOVE_BUST);
}

const yOf = (path: Curve): number => Math.min(...path.flatMap(({ a, b }) => [a.y, b.y]));

/**
 * Cuts one shoulder away from a piece that was opened flat: from the neck point that stays, across the body, to below the other
 * underarm. The kept armhole, shoulder and both sides stay as they were, so that front and back still meet.
 */
export function oneShoulder(whole: Piece, { drop, allowance }: OneShoulderPlan): Piece {
  const shoulder = edgeOf(whole, 'shoulder');
  const side = bareSide(whole);
  const length = edgeLength(side);
  // The mirrored side runs upwards: its end is the underarm.
  const at = length - Math.min(drop, roomForDrop(whole));
  const { between: kept } = splitAcross(whole, { edge: shoulder.id, at: 0 }, { edge: side.id, at });
  const neckPoint = startOf(shoulder.path);
  const foot = placeAtLength(side.path, at);
  const chord = distance(neckPoint, foot.point);
  const edge = handleCurve(
    foot.point,
    quarterTurn(foot.direction),
    EDGE.arriving * chord,
    neckPoint,
    scale(quarterTurn(startDirection(shoulder.path)), -1),
    EDGE.leaving * chord,
  );
  const ids = new Set(kept.edges.map(({ id }) => id));
  const bare = makePiece({
    ...whole,
    edges: [...kept.edges, { id: 'top', role: 'top', path: [edge], allowance }],
    notches: kept.notches,
    darts: whole.darts.filter(({ legs }) => legs.every((leg) => ids.has(leg))),
    levels: whole.levels.filter(({ name }) => name !== 'chest'),
  });
  return carryDimensions(whole, bare, () => ({ change: 'curve' }));
}
