import { curveLength, endOf, splitCurve, startOf } from '../../../geometry/curve.ts';
import { add, between, distance, quarterTurn, scale, subtract, unitVector } from '../../../geometry/point.ts';
import { line } from '../../../geometry/segment.ts';
import { edgeOf, makePiece, type Dart, type Edge, type Notch, type Piece } from '../../../pieces/piece.ts';
import { fairAcross } from '../edges/fair-across.ts';
import { roomAhead } from '../edges/room-ahead.ts';
import { carryDimensions, withDimensions } from '../../../pieces/carry-dimensions.ts';
import { dartDimensions } from '../../../pieces/dart-dimensions.ts';
import { drawn, type Working } from '../../../workings/working.ts';

export interface EdgeDartPlan {
  readonly id: string;
  /** Place of its middle, as a part of the edge from its start. */
  readonly at: number;
  /** Its intake and its length. */
  readonly intake: Working;
  readonly length: Working;
  readonly in: Dart['in'];
  readonly pressed: Dart['pressed'];
}

/** A dart narrower than chalk can show is none, mm. */
const LEAST = 0.5;
/** A dart takes at most this part of its edge. */
const MOST = 0.5;

/** A tip stays within this part of the way to the edge across. */
const MOST_OF_ROOM = 0.6;

/**
 * Draws a dart into any edge, square to it: the edge is parted at its mouth into `-1` and `-2`, the tip stands over the
 * middle of the mouth, so that both legs are equal, and the edge bends there so that it runs on once the dart is sewn. What it takes
 * in is recorded, and nothing else is moved.
 */
export function dartInEdge(piece: Piece, edgeId: string, plan: EdgeDartPlan): Piece {
  const intake = plan.intake.mm;
  if (intake < LEAST) return piece;
  const edge = edgeOf(piece, edgeId);
  const whole = curveLength(edge.path);
  const half = Math.min(intake, MOST * whole) / 2;
  const middle = Math.min(whole - half - 1, Math.max(half + 1, plan.at * whole));
  const [before, rest] = splitCurve(edge.path, middle - half);
  const [, after] = splitCurve(rest, 2 * half);
  const [a, b] = [endOf(before), startOf(after)];
  const inward = quarterTurn(unitVector(subtract(b, a)));
  const mouth = between(a, b, 0.5);
  const tip = add(
    mouth,
    scale(inward, Math.min(plan.length.mm, MOST_OF_ROOM * roomAhead(piece, mouth, inward))),
  );
  const sides = fairAcross(
    { inner: before, outer: after },
    { inner: unitVector(subtract(tip, a)), outer: unitVector(subtract(tip, b)) },
  );
  const legs = [`${plan.id}-outer`, `${plan.id}-inner`] as const;
  const leg = (id: string, from: typeof a, to: typeof a): Edge => ({
    id,
    role: 'dart',
    path: [line(from, to)],
    allowance: 0,
  });
  const moved = (notch: Notch): Notch[] => {
    if (notch.edge !== edgeId) return [notch];
    if (notch.at < middle - half) return [{ ...notch, edge: `${edgeId}-1` }];
    return notch.at > middle + half ? [{ ...notch, edge: `${edgeId}-2`, at: notch.at - middle - half }] : [];
  };
  const dart = { id: plan.id, in: plan.in, legs, pressed: plan.pressed } as const;
  const darted = makePiece({
    ...piece,
    edges: piece.edges.flatMap((each) =>
      each === edge
        ? [
            { ...edge, id: `${edgeId}-1`, path: sides.inner },
            leg(legs[0], a, tip),
            leg(legs[1], tip, b),
            { ...edge, id: `${edgeId}-2`, path: sides.outer },
          ]
        : [each],
    ),
    notches: piece.notches.flatMap(moved),
    darts: [...piece.darts, dart],
    intakes: [...piece.intakes, { operation: plan.id, level: 'chest', mm: distance(a, b) }],
  });
  return withDimensions(
    carryDimensions(piece, darted, () => ({ change: 'curve' })),
    ...dartDimensions(darted, dart, {
      intake: plan.intake,
      leg: plan.length,
      tipOut: drawn('inside the neckline', tip.x),
      tipDown: drawn('below the neckline', tip.y),
    }),
  );
}
