import {
  curveLength,
  endDirection,
  endedAt,
  endOf,
  lengthTo,
  lengthWhere,
  mapCurve,
  nearestOn,
  placeAtLength,
  pointWhere,
  reverseCurve,
  splitCurve,
  startedAt,
  startOf,
  type Curve,
} from '../../../geometry/curve.ts';
import {
  add,
  between,
  distance,
  point,
  rotate,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../../../geometry/point.ts';
import { handleCurve, line } from '../../../geometry/segment.ts';
import { solve } from '../../../geometry/solve.ts';
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
import { closeSideDart, oneSide, oneWaist, princessLoop, withZeroDart } from './princess-loop.ts';
import { bendOf, roundCorner, type Cornered } from '../edges/round-corner.ts';
import { centreDimensions, sideDimensions, type PrincessSums } from './princess-dimensions.ts';

/** Shaping under the bust: how far each edge of the seam is carried in at that level, mm; nothing leaves it straight. */
export interface UnderBustPlan {
  readonly level: number;
  readonly centre: number;
  readonly side: number;
}

export interface PrincessPlan {
  /** The edge that the seam leaves from, and where, as a part of it from its start. */
  readonly leaves: { readonly edge: string; readonly part: number };
  /** How far from the tip of the dart the corner is rounded on each side, mm, and more where it bends more. */
  readonly soften: number;
  readonly allowance: number;
  /** Where the seam runs through a panel whose waist has no dart. */
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
  /** How far the side panel was moved, mm: moved back it lies where it lay in the block. */
  readonly moved: number;
  /** What the softened corner took of the width at the tip's level, mm. */
  readonly lost: number;
}

/** Handles of the slash, as parts of its chord. The team's drafting study. */
const SLASH = { leaving: 0.36, arriving: 0.42 };
/** At most this part of the shorter side of the corner is trimmed. */
const MOST_TRIMMED = 0.45;
/** What the bend of the corner, in radians, adds to the trim: 1.4 in for each 1.3 in of it. */
const BEND_ADDS = 1.4 / 1.3;
/** So much fuller, and flatter, may the curves that round the two corners be drawn; a power of e. */
const MOST_FULLER = 0.5;
/** At the side, two levels lie at least this far apart, mm. */
const LEVELS_APART = 32;
/** So far, mm, the side panel's foot may slide along its leg to true the seam. */
const MOST_SLID = 60;

const turned = (curve: Curve, about: Point, angle: number): Curve =>
  mapCurve(curve, (p) => rotate(p, about, angle));

/** From the upper edge towards the tip: square to the edge at first and straight down at the tip; straight from a top edge. */
function slashTo(tip: Point, leaving: Edge, at: number): Curve {
  const { point: start, direction } = placeAtLength(leaving.path, at);
  if (leaving.role === 'top') return [line(start, tip)];
  const chord = distance(start, tip);
  const inward = point(-direction.y, direction.x);
  return [handleCurve(start, inward, SLASH.leaving * chord, tip, point(0, 1), SLASH.arriving * chord)];
}

/** From the tip to the waist: straight, or in a curve that is carried aside by `aside` mm at a level on the way. */
function legTo(tip: Point, foot: Point, level: number, aside: number): Curve {
  const t = (level - tip.y) / (foot.y - tip.y);
  if (aside === 0 || t < 0.1 || t > 0.9) return [line(tip, foot)];
  const on = add(between(tip, foot, t), point(aside, 0));
  const along = unitVector(subtract(foot, tip));
  const [upper, lower] = [distance(tip, on), distance(on, foot)];
  return [
    handleCurve(tip, unitVector(subtract(on, tip)), 0.35 * upper, on, along, 0.35 * upper),
    handleCurve(on, along, 0.35 * lower, foot, unitVector(subtract(foot, on)), 0.35 * lower),
  ];
}

/** A seam's two edges with their corners; both are rounded over the same length, the longer where either bends more, mm. */
interface SeamCorners {
  readonly centre: Cornered;
  readonly side: Cornered;
  readonly trim: number;
}

function cornersOf(centre: Cornered, side: Cornered, soften: number): SeamCorners {
  const bend = Math.max(bendOf(centre), bendOf(side));
  const shorter = Math.min(
    ...[centre, side].flatMap((edge) => [curveLength(edge.before), curveLength(edge.after)]),
  );
  return { centre, side, trim: Math.min(soften * (1 + BEND_ADDS * bend), MOST_TRIMMED * shorter) };
}

/** Both corners rounded: the side's drawn fuller by e to the power of `fuller`, the centre's flatter by as much. */
const rounded = ({ centre, side, trim }: SeamCorners, fuller: number): { centre: Curve; side: Curve } => ({
  centre: roundCorner(centre, trim, Math.exp(-fuller)),
  side: roundCorner(side, trim, Math.exp(fuller)),
});

/**
 * The seam with both edges of one length: what is longer is rounded flatter and the other fuller, alike; what that cannot make
 * up slides the side panel's foot along its leg. Neither edge is preferred, so that a dart whose legs bend alike does not flip.
 */
function trued(
  centre: Cornered,
  side: { readonly before: Curve; readonly legTo: (foot: Point) => Curve; readonly foot: Point },
  soften: number,
): { centre: Curve; side: Curve } {
  const along = endDirection(side.legTo(side.foot));
  const slid = (by: number): SeamCorners =>
    cornersOf(centre, { before: side.before, after: side.legTo(add(side.foot, scale(along, by))) }, soften);
  const over = (corners: SeamCorners, fuller: number): number => {
    const seam = rounded(corners, fuller);
    return curveLength(seam.side) - curveLength(seam.centre);
  };
  const fuller = solve((by) => over(slid(0), by), -MOST_FULLER, MOST_FULLER);
  if (fuller.ok) return rounded(slid(0), fuller.x);
  const { x: by } = solve((mm) => over(slid(mm), fuller.x), -MOST_SLID, MOST_SLID);
  return rounded(slid(by), fuller.x);
}

/** Where an edge passes the level of the tip. */
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

/** The level under the bust on both panels: straight across from the centre to the seam, and from the seam to the side. */
function underBustLevels(
  plan: UnderBustPlan | undefined,
  seam: { centre: Curve; side: Curve },
  side: Edge | undefined,
  bustEnd: Point | undefined,
): { centre: Level[]; side: Level[] } {
  const level = plan?.level;
  if (level === undefined || !side) return { centre: [], side: [] };
  const [atCentre, atSide] = [seam.centre, seam.side].map((path) => pointWhere(path, 'y', level));
  const sideAt = lengthWhere(side.path, 'y', level);
  if (!atCentre || !atSide || sideAt === undefined) return { centre: [], side: [] };
  // A wide side dart closed brings the bust line so low at the side that no level is left between it and the waist.
  if (bustEnd && nearestOn(side.path, bustEnd).along + LEVELS_APART > sideAt) return { centre: [], side: [] };
  const of = (from: Point, to: Point): Level => ({ name: 'underBust', path: [from, to] });
  return {
    centre: [of(point(0, level), atCentre)],
    side: [of(atSide, placeAtLength(side.path, sideAt).point)],
  };
}

/**
 * Splits a panel on a princess line from its upper edge through the tip of its waist dart, or through `plan.tip` where it
 * has none; that must be the tip of a side dart where there is one: that dart is closed by turning the part above it, and
 * opens into the seam. Old edges keep their lengths, but for what a contour over the bust takes of a top edge and what truing
 * adds to a waist; both edges of the seam are equal, rounded off the tip, with a notch at its level.
 */
export function splitOnPrincess(whole: Piece, dartId: string, plan: PrincessPlan): PrincessPanels {
  const panel = whole.darts.some(({ id }) => id === dartId) ? whole : withZeroDart(whole, dartId, plan.tip);
  const { before, leaving, sides, outer, inner, after } = princessLoop(panel, dartId, plan.leaves.edge);
  const tip = endOf(outer.path);
  const at = plan.leaves.part * curveLength(leaving.path);
  const overBust = leaving.role === 'top' ? (plan.overBust ?? 0) : 0;
  const upperLeaving = splitCurve(leaving.path, at)[0];
  const lowerLeaving = splitCurve(leaving.path, at + overBust)[1];
  const slash = slashTo(tip, leaving, at);
  // The wedge over the bust leaves the seam's second edge further out, and as long as the first.
  const reach = scale(unitVector(subtract(startOf(lowerLeaving), tip)), curveLength(slash));
  const sideStart = overBust > 0 ? add(tip, reach) : startOf(lowerLeaving);
  const sideSlash = overBust > 0 ? [line(sideStart, tip)] : slash;
  const { angle, above, below } = closeSideDart(sides, tip);
  const turn = (edge: Edge): Edge => ({ ...edge, path: turned(edge.path, tip, angle) });
  const {
    level,
    centre: centreAside,
    side: sideAside,
  } = plan.underBust ?? { level: tip.y, centre: 0, side: 0 };
  const seam = trued(
    { before: slash, after: legTo(tip, endOf(inner.path), level, -centreAside) },
    {
      before: turned(sideSlash, tip, angle),
      legTo: (foot) => legTo(tip, foot, level, sideAside),
      foot: startOf(outer.path),
    },
    plan.soften,
  );
  const sideFoot = endOf(seam.side);
  const princess = (path: Curve): Edge => ({
    id: 'princess',
    role: 'princess',
    path,
    allowance: plan.allowance,
  });
  const bustLine = panel.levels.find(({ name }) => name === 'bust')?.path[0]?.y ?? tip.y;
  const [atCentre, atSide] = [passes(seam.centre, bustLine), passes(seam.side, bustLine)];
  const notchOf = (path: Curve): number => lengthTo(path, 'y', tip.y);
  const centreEdges = [...before, { ...leaving, path: upperLeaving }, princess(seam.centre), ...after];
  const sideEdges = [
    { ...leaving, path: turned(startedAt(lowerLeaving, sideStart), tip, angle) },
    ...above.map(turn),
    ...below.map((edge, index) =>
      index === below.length - 1 && edge.role === 'waist'
        ? { ...edge, path: endedAt(edge.path, sideFoot) }
        : edge,
    ),
    princess(reverseCurve(seam.side)),
  ];
  const joinedSide = oneSide(sideEdges, kept(panel.notches, sideEdges, leaving.id, at + overBust));
  const levelEnd = (name: Level['name']) => panel.levels.find((each) => each.name === name)?.path.at(-1);
  const [bustEnd, waistEnd, chestEnd] = [levelEnd('bust'), levelEnd('waist'), levelEnd('chest')];
  const rotated = (p: Point): Point => rotate(p, tip, angle);
  const waistStart = panel.levels.find(({ name }) => name === 'waist')?.path[0];
  const underBust = underBustLevels(
    plan.underBust,
    seam,
    joinedSide.edges.find(({ role }) => role === 'side'),
    bustEnd && rotated(bustEnd),
  );
  const overBustIntake: Intake[] =
    overBust > 0 ? [{ operation: 'contour over the bust', level: 'chest', mm: overBust }] : [];
  const centrePanel = makePiece({
    ...panel,
    id: `${panel.id}-centre`,
    name: `${panel.name} centre`,
    panel: 'centre',
    edges: oneWaist(centreEdges),
    notches: [
      ...kept(panel.notches, centreEdges, leaving.id, 0),
      { edge: 'princess', at: notchOf(seam.centre), kind: 'single' },
    ],
    darts: [],
    levels: [
      { name: 'bust', path: [point(0, bustLine), atCentre] },
      ...underBust.centre,
      ...(waistStart ? [{ name: 'waist' as const, path: [waistStart, endOf(inner.path)] }] : []),
    ],
    intakes:
      centreAside > 0 ? [{ operation: 'contour under the bust', level: 'underBust', mm: centreAside }] : [],
  });
  const sidePanel = makePiece({
    ...panel,
    id: `${panel.id}-side`,
    name: `${panel.name} side`,
    panel: 'side',
    cut: { copies: 2, layers: 'pair' },
    edges: oneWaist(joinedSide.edges),
    notches: [
      ...joinedSide.notches,
      { edge: 'princess', at: curveLength(seam.side) - notchOf(seam.side), kind: 'single' },
    ],
    darts: [],
    levels: [
      ...(chestEnd
        ? [{ name: 'chest' as const, path: [point(tip.x, rotated(chestEnd).y), rotated(chestEnd)] }]
        : []),
      ...(bustEnd ? [{ name: 'bust' as const, path: [atSide, rotated(bustEnd)] }] : []),
      ...underBust.side,
      ...(waistEnd ? [{ name: 'waist' as const, path: [sideFoot, waistEnd] }] : []),
    ],
    intakes: [
      { operation: 'princess seam', level: 'side', mm: Math.abs(angle) },
      ...overBustIntake,
      ...(sideAside > 0
        ? [{ operation: 'contour under the bust', level: 'underBust' as const, mm: sideAside }]
        : []),
    ],
  });
  const moved = movePiece(sidePanel, point(-tip.x, 0));
  const parts = {
    panel: whole,
    leaving: leaving.role,
    part: plan.leaves.part,
    centre: centrePanel,
    side: moved,
    sums: plan.sums,
    aside: centreAside,
    overBust,
    takesUnder: (level - tip.y) / (endOf(inner.path).y - tip.y),
  };
  return {
    centre: whole.dimensions ? { ...centrePanel, dimensions: centreDimensions(parts) } : centrePanel,
    side: whole.dimensions ? { ...moved, dimensions: sideDimensions(parts) } : moved,
    moved: tip.x,
    lost: tip.x - atCentre.x + (atSide.x - tip.x),
  };
}
