import {
  curveLength,
  endedAt,
  endOf,
  lengthTo,
  mapCurve,
  pointWhere,
  reverseCurve,
  splitCurve,
  startDirection,
  startedAt,
  startOf,
  type Curve,
} from '../../../geometry/curve.ts';
import { add, point, rotate, scale, subtract, unitVector, type Point } from '../../../geometry/point.ts';
import { line } from '../../../geometry/segment.ts';
import {
  edgeLength,
  makePiece,
  type Edge,
  type Intake,
  type Level,
  type Notch,
  type Piece,
} from '../../../pieces/piece.ts';
import { movePiece } from '../../../pieces/move-piece.ts';
import {
  closeSideDart,
  oneSide,
  oneWaist,
  princessLoop,
  withZeroDart,
  type PrincessLoop,
} from './princess-loop.ts';
import { topLevels, underBustLevels, type UnderBustPlan } from './princess-levels.ts';
import { fairAcross } from '../edges/fair-across.ts';
import { legTo, slashTo, trued } from './princess-seam.ts';
import { centreDimensions, sideDimensions, type PrincessSums } from './princess-dimensions.ts';

export interface PrincessPlan {
  /** The edge that the seam leaves from, and where, as a part of it from its start. */
  readonly leaves: { readonly edge: string; readonly part: number };
  /** Length on each side of the tip of the dart over which the corner is rounded, mm, and more where it bends more. */
  readonly soften: number;
  readonly allowance: number;
  /** Place of the seam's tip on a panel whose waist has no dart. */
  readonly tip: Point;
  /** Taken out where the seam leaves a top edge, ending at the tip, mm: closes the gap above the bust. */
  readonly overBust?: number;
  readonly underBust?: UnderBustPlan;
  readonly sums: PrincessSums;
}

export interface PrincessPanels {
  readonly centre: Piece;
  /** Moved so that x = 0 runs through the dart's tip. */
  readonly side: Piece;
  /** Move of the side panel, mm: moved back it lies where it lay in the block. */
  readonly moved: number;
  /** Width that the softened corner took at the tip's level, mm. */
  readonly lost: number;
}

/** A contour takes at most this part of a top edge from the seam outwards. */
const MOST_OF_EDGE = 0.9;

const turned = (curve: Curve, about: Point, angle: number): Curve =>
  mapCurve(curve, (p) => rotate(p, about, angle));

/** The point at which an edge passes a level. */
function passes(path: Curve, level: number): Point {
  const found = pointWhere(path, 'y', level);
  if (!found) throw new Error('a princess seam does not pass the level of its tip');
  return found;
}

/** Notches of a run of edges that the seam leaves on one side; those on the edge that it leaves count from the cut. */
const kept = (notches: readonly Notch[], edges: readonly Edge[], leaving: string, cut: number): Notch[] =>
  notches.flatMap((notch) => {
    const edge = edges.find(({ id }) => id === notch.edge);
    const at = notch.edge === leaving ? notch.at - cut : notch.at;
    return edge && at > 0 && at < edgeLength(edge) ? [{ ...notch, at }] : [];
  });

/** A panel with its princess seam drawn: what both new panels are made of. */
interface DrawnSeam {
  readonly panel: Piece;
  readonly loop: PrincessLoop;
  readonly tip: Point;
  readonly seam: { readonly centre: Curve; readonly side: Curve };
  /** By how much what lies above a closed side dart was turned about the tip. */
  readonly angle: number;
  /** Both parts of the edge that the seam leaves, the outer one turned with the side. */
  readonly upper: { readonly inner: Curve; readonly outer: Curve };
  /** Length along that edge to where the outer part begins, mm. */
  readonly cut: number;
  readonly overBust: number;
  readonly underBust: UnderBustPlan;
  /** The loop of the side panel, but for its waist's name. */
  readonly sideLoop: { readonly edges: readonly Edge[]; readonly notches: readonly Notch[] };
  readonly allowance: number;
}

const princessEdge = (path: Curve, allowance: number): Edge => ({
  id: 'princess',
  role: 'princess',
  path,
  allowance,
});

/** The side panel's edges in the order of the loop: what is left of the upper edge, the side without its dart, the waist and the seam. */
function sideEdges(
  upper: Edge,
  { angle, above, below }: ReturnType<typeof closeSideDart>,
  tip: Point,
  seam: Curve,
  allowance: number,
): Edge[] {
  const last = below.at(-1);
  return [
    upper,
    ...above.map((edge) => ({ ...edge, path: turned(edge.path, tip, angle) })),
    ...below.map((edge) =>
      edge === last && edge.role === 'waist' ? { ...edge, path: endedAt(edge.path, endOf(seam)) } : edge,
    ),
    princessEdge(reverseCurve(seam), allowance),
  ];
}

function drawSeam(panel: Piece, dartId: string, plan: PrincessPlan): DrawnSeam {
  const loop = princessLoop(panel, dartId, plan.leaves.edge);
  const { leaving, outer, inner } = loop;
  const tip = endOf(outer.path);
  const at = plan.leaves.part * curveLength(leaving.path);
  const room = MOST_OF_EDGE * (curveLength(leaving.path) - at);
  const overBust = leaving.role === 'top' ? Math.min(plan.overBust ?? 0, room) : 0;
  const cut = at + overBust;
  const rest = splitCurve(leaving.path, cut)[1];
  const slash = slashTo(tip, leaving, at);
  // The wedge over the bust leaves the seam's second edge further out, and as long as the first.
  const reach = scale(unitVector(subtract(startOf(rest), tip)), curveLength(slash));
  const sideStart = overBust > 0 ? add(tip, reach) : startOf(rest);
  const closed = closeSideDart(loop.sides, tip);
  const { angle } = closed;
  const underBust = plan.underBust ?? { level: tip.y, part: 0, centre: 0, side: 0 };
  const seam = trued(
    { before: slash, after: legTo(tip, endOf(inner.path), underBust.level, -underBust.centre) },
    {
      before: turned(overBust > 0 ? [line(sideStart, tip)] : slash, tip, angle),
      legTo: (foot) => legTo(tip, foot, underBust.level, underBust.side),
      foot: startOf(outer.path),
    },
    plan.soften,
  );
  const upper = fairAcross(
    { inner: splitCurve(leaving.path, at)[0], outer: turned(startedAt(rest, sideStart), tip, angle) },
    { inner: startDirection(seam.centre), outer: startDirection(seam.side) },
  );
  const edges = sideEdges({ ...leaving, path: upper.outer }, closed, tip, seam.side, plan.allowance);
  const sideLoop = oneSide(edges, kept(panel.notches, edges, leaving.id, cut));
  const { allowance } = plan;
  return { panel, loop, tip, seam, angle, upper, cut, overBust, underBust, sideLoop, allowance };
}

/** Depth of the panel's bust line at its centre; at the tip's level on a panel without one. */
const bustLevel = ({ panel, tip }: DrawnSeam): number =>
  panel.levels.find(({ name }) => name === 'bust')?.path[0]?.y ?? tip.y;

const underBustTaken = (mm: number): Intake[] =>
  mm > 0 ? [{ operation: 'contour under the bust', level: 'underBust', mm }] : [];

function centrePanel(drawn: DrawnSeam, further: readonly Level[]): Piece {
  const { panel, loop, seam, tip, upper, allowance } = drawn;
  const { before, leaving, inner, after } = loop;
  const edges = [
    ...before,
    { ...leaving, path: upper.inner },
    princessEdge(seam.centre, allowance),
    ...after,
  ];
  const bustLine = bustLevel(drawn);
  const waistStart = panel.levels.find(({ name }) => name === 'waist')?.path[0];
  return makePiece({
    ...panel,
    id: `${panel.id}-centre`,
    name: `${panel.name} centre`,
    panel: 'centre',
    edges: oneWaist(edges),
    notches: [
      ...kept(panel.notches, edges, leaving.id, 0),
      { edge: 'princess', at: lengthTo(seam.centre, 'y', tip.y), kind: 'single' },
    ],
    darts: [],
    levels: [
      { name: 'bust', path: [point(0, bustLine), passes(seam.centre, bustLine)] },
      ...further,
      ...(waistStart ? [{ name: 'waist' as const, path: [waistStart, endOf(inner.path)] }] : []),
    ],
    intakes: underBustTaken(drawn.underBust.centre),
  });
}

function sidePanel(drawn: DrawnSeam, further: readonly Level[]): Piece {
  const { panel, seam, tip, angle, sideLoop, overBust } = drawn;
  const endOfLevel = (name: Level['name']) => panel.levels.find((each) => each.name === name)?.path.at(-1);
  const [bustEnd, waistEnd, chestEnd] = [endOfLevel('bust'), endOfLevel('waist'), endOfLevel('chest')];
  const rotated = (p: Point): Point => rotate(p, tip, angle);
  const level = (name: Level['name'], from: Point, to: Point): Level => ({ name, path: [from, to] });
  return makePiece({
    ...panel,
    id: `${panel.id}-side`,
    name: `${panel.name} side`,
    panel: 'side',
    cut: { copies: 2, layers: 'pair' },
    edges: oneWaist(sideLoop.edges),
    notches: [
      ...sideLoop.notches,
      { edge: 'princess', at: curveLength(seam.side) - lengthTo(seam.side, 'y', tip.y), kind: 'single' },
    ],
    darts: [],
    levels: [
      ...(chestEnd ? [level('chest', point(tip.x, rotated(chestEnd).y), rotated(chestEnd))] : []),
      ...(bustEnd ? [level('bust', passes(seam.side, bustLevel(drawn)), rotated(bustEnd))] : []),
      ...further,
      ...(waistEnd ? [level('waist', endOf(seam.side), waistEnd)] : []),
    ],
    intakes: [
      { operation: 'princess seam', level: 'side', mm: Math.abs(angle) },
      ...(overBust > 0
        ? [{ operation: 'contour over the bust', level: 'chest' as const, mm: overBust }]
        : []),
      ...underBustTaken(drawn.underBust.side),
    ],
  });
}

/**
 * Splits a panel on a princess line from its upper edge through the tip of its waist dart, or through `plan.tip` where it
 * has none; that must be the tip of a side dart where there is one: that dart is closed by turning the part above it, and
 * opens into the seam. Old edges keep their lengths, but for what a contour over the bust takes of a top edge and what truing
 * adds to a waist; both edges of the seam are equal, rounded off the tip, with a notch at its level.
 */
export function splitOnPrincess(whole: Piece, dartId: string, plan: PrincessPlan): PrincessPanels {
  const panel = whole.darts.some(({ id }) => id === dartId) ? whole : withZeroDart(whole, dartId, plan.tip);
  const drawn = drawSeam(panel, dartId, plan);
  const { tip, seam, angle, loop, overBust } = drawn;
  const bustEnd = panel.levels.find(({ name }) => name === 'bust')?.path.at(-1);
  const underBust = underBustLevels(
    plan.underBust,
    seam,
    drawn.sideLoop.edges.find(({ role }) => role === 'side'),
    bustEnd && rotate(bustEnd, tip, angle),
  );
  const top = topLevels(loop.leaving, drawn.upper.outer, seam, drawn.sideLoop);
  const centre = centrePanel(drawn, [...top.centre, ...underBust.centre]);
  const side = movePiece(sidePanel(drawn, [...top.side, ...underBust.side]), point(-tip.x, 0));
  const parts = {
    panel: whole,
    leaving: loop.leaving.role,
    part: plan.leaves.part,
    centre,
    side,
    sums: plan.sums,
    aside: drawn.underBust.centre,
    overBust,
    takesUnder: (drawn.underBust.level - tip.y) / (endOf(loop.inner.path).y - tip.y),
  };
  const bustLine = bustLevel(drawn);
  return {
    centre: whole.dimensions ? { ...centre, dimensions: centreDimensions(parts) } : centre,
    side: whole.dimensions ? { ...side, dimensions: sideDimensions(parts) } : side,
    moved: tip.x,
    lost: passes(seam.side, bustLine).x - passes(seam.centre, bustLine).x,
  };
}
