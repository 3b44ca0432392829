import {
  curveLength,
  endOf,
  lengthWhere,
  mapCurve,
  placeAtLength,
  reverseCurve,
  splitCurve,
  startOf,
  type Curve,
} from '../../geometry/curve.ts';
import { angleBetween, point, rotate, subtract, type Point } from '../../geometry/point.ts';
import { handleCurve, line } from '../../geometry/segment.ts';
import { solve } from '../../geometry/solve.ts';
import {
  edgeLength,
  edgeOf,
  makePiece,
  type Edge,
  type Level,
  type Notch,
  type Piece,
} from '../../pieces/piece.ts';
import { movePiece } from '../../pieces/move-piece.ts';

export interface PrincessPlan {
  /** Where the seam leaves the armhole, as a part of it from the shoulder tip. */
  readonly leaves: number;
  /** How far from the tip of the dart the corner is rounded on each side, mm, and more where it bends more. */
  readonly soften: number;
  readonly allowance: number;
  /** Where the seam runs through a panel whose waist has no dart. */
  readonly tip: Point;
}

export interface PrincessPanels {
  readonly centre: Piece;
  /** Moved so that x = 0 runs through the dart's tip. */
  readonly side: Piece;
  /** What the softened corner took of the width at the tip's level, mm. */
  readonly lost: number;
}

/** Handles of the slash, as parts of its chord. The team's drafting study. */
const SLASH = { leaving: 0.36, arriving: 0.42 };
/** Handles of the rounded corner, as parts of what was trimmed. The team's drafting study. */
const ROUNDED = 0.62;
/** At most this part of the shorter side of the corner is trimmed. */
const MOST_TRIMMED = 0.45;
/** What the bend of the corner, in radians, adds to the trim: 1.4 in for each 1.3 in of it. */
const BEND_ADDS = 1.4 / 1.3;

/** The seam through the dart's tip, from the armhole to the waist, still with its corner at the tip. */
interface Cornered {
  readonly above: Curve;
  readonly below: Curve;
}

const turned = (curve: Curve, about: Point, angle: number): Curve =>
  mapCurve(curve, (p) => rotate(p, about, angle));

/** From the armhole towards the tip: square to the armhole at first, straight down at the tip. */
function slashTo(tip: Point, armhole: Curve, at: number): Curve {
  const { point: start, direction } = placeAtLength(armhole, at);
  const chord = Math.hypot(tip.x - start.x, tip.y - start.y);
  const inward = point(-direction.y, direction.x);
  return [handleCurve(start, inward, SLASH.leaving * chord, tip, point(0, 1), SLASH.arriving * chord)];
}

/** The corner at the tip trimmed and rounded; `fullness` lengthens the curve that rounds it. */
function rounded({ above, below }: Cornered, trim: number, fullness: number): Curve {
  const [upper] = splitCurve(above, curveLength(above) - trim);
  const [, lower] = splitCurve(below, trim);
  const from = placeAtLength(above, curveLength(above) - trim);
  const to = placeAtLength(below, trim);
  const handle = ROUNDED * trim * fullness;
  return [
    ...upper,
    handleCurve(from.point, from.direction, handle, to.point, to.direction, handle),
    ...lower,
  ];
}

const bendOf = ({ above, below }: Cornered): number =>
  Math.abs(
    angleBetween(placeAtLength(above, curveLength(above)).direction, placeAtLength(below, 0).direction),
  );

/** The two edges of the seam, rounded alike and of one length: the one that bends more is drawn the fuller. */
function softened(centre: Cornered, side: Cornered, soften: number): { centre: Curve; side: Curve } {
  const bend = Math.max(bendOf(centre), bendOf(side));
  const shorter = Math.min(
    ...[centre, side].flatMap((edge) => [curveLength(edge.above), curveLength(edge.below)]),
  );
  const trim = Math.min(soften * (1 + BEND_ADDS * bend), MOST_TRIMMED * shorter);
  const lengthOf = (edge: Cornered, fullness: number) => curveLength(rounded(edge, trim, fullness));
  const [straighter, rounder] = bendOf(centre) <= bendOf(side) ? [centre, side] : [side, centre];
  const target = lengthOf(straighter, 1);
  const { x: fullness } = solve((f) => lengthOf(rounder, f) - target, 0.55, 1.7);
  const drawn = (edge: Cornered) => rounded(edge, trim, edge === rounder ? fullness : 1);
  return { centre: drawn(centre), side: drawn(side) };
}

/** Where an edge passes the level of the tip. */
function passes(path: Curve, level: number): Point {
  const along = lengthWhere(path, 'y', level);
  if (along === undefined) throw new Error('a princess seam does not pass the level of its tip');
  return placeAtLength(path, along).point;
}

/** Notches of a run of edges that the seam leaves on one side; those on the armhole count from where it was cut. */
const kept = (notches: readonly Notch[], edges: readonly Edge[], cut: number): Notch[] =>
  notches.flatMap((notch) => {
    const edge = edges.find(({ id }) => id === notch.edge);
    const at = notch.edge === 'armhole' ? notch.at - cut : notch.at;
    return edge && at > 0 && at < edgeLength(edge) ? [{ ...notch, at }] : [];
  });

interface Loop {
  readonly before: readonly Edge[];
  readonly armhole: Edge;
  /** From below the armhole to where the waist dart opens. */
  readonly sides: readonly Edge[];
  readonly outer: Edge;
  readonly inner: Edge;
  readonly after: readonly Edge[];
}

/** The panel's loop parted at its armhole and its waist dart. */
function loopOf(panel: Piece, dartId: string): Loop {
  const dart = panel.darts.find(({ id }) => id === dartId);
  if (!dart) throw new Error(`${panel.id} has no dart ${dartId} to split on`);
  const { edges } = panel;
  const indexOf = (id: string) => edges.findIndex((edge) => edge.id === id);
  const [armhole, outer] = [indexOf('armhole'), indexOf(dart.legs[0])];
  return {
    before: edges.slice(0, armhole),
    armhole: edgeOf(panel, 'armhole'),
    sides: edges.slice(armhole + 1, outer),
    outer: edgeOf(panel, dart.legs[0]),
    inner: edgeOf(panel, dart.legs[1]),
    after: edges.slice(outer + 2),
  };
}

/** The tip that a panel without a waist dart is split on; its seam is a dart of no width. */
function withZeroDart(panel: Piece, dartId: string, tip: Point): Piece {
  const waist = edgeOf(panel, 'waist');
  const along = lengthWhere(waist.path, 'x', tip.x);
  if (along === undefined) throw new Error(`${panel.id}: its waist does not pass below the princess line`);
  const [outerWaist, innerWaist] = splitCurve(waist.path, along);
  const foot = endOf(outerWaist);
  const leg = (id: string, path: Curve): Edge => ({ id, role: 'dart', path, allowance: 0 });
  const legs = [`${dartId}-outer`, `${dartId}-inner`] as const;
  return {
    ...panel,
    edges: panel.edges.flatMap((edge) =>
      edge.id === 'waist'
        ? [
            { ...edge, id: 'waist-2', path: outerWaist },
            leg(legs[0], [line(foot, tip)]),
            leg(legs[1], [line(tip, foot)]),
            { ...edge, id: 'waist-1', path: innerWaist },
          ]
        : [edge],
    ),
    darts: [...panel.darts, { id: dartId, legs, pressed: 'centre' }],
  };
}

/** Stretches of one side that follow each other, now that its dart is closed, are one; notches count from its start. */
function oneSide(
  edges: readonly Edge[],
  notches: readonly Notch[],
): { readonly edges: Edge[]; readonly notches: Notch[] } {
  const sides = edges.filter(({ role }) => role === 'side');
  const [first] = sides;
  if (!first || sides.length === 1) return { edges: [...edges], notches: [...notches] };
  const whole: Edge = { ...first, id: 'side', path: sides.flatMap(({ path }) => path) };
  const before = (id: string): number =>
    sides
      .slice(
        0,
        sides.findIndex((side) => side.id === id),
      )
      .reduce((sum, side) => sum + edgeLength(side), 0);
  return {
    edges: edges.flatMap((edge) => (edge === first ? [whole] : edge.role === 'side' ? [] : [edge])),
    notches: notches.map((notch) =>
      sides.some(({ id }) => id === notch.edge)
        ? { ...notch, edge: 'side', at: before(notch.edge) + notch.at }
        : notch,
    ),
  };
}

/** Each panel has one stretch of the waist left. */
const oneWaist = (edges: readonly Edge[]): Edge[] =>
  edges.map((edge) => (edge.role === 'waist' ? { ...edge, id: 'waist' } : edge));

/** A dart in the side is closed by turning all above it about the tip; its legs are equal, so that the side joins. */
function closeSideDart(sides: readonly Edge[], tip: Point): { angle: number; above: Edge[]; below: Edge[] } {
  const first = sides.findIndex(({ role }) => role === 'dart');
  if (first < 0) return { angle: 0, above: [], below: [...sides] };
  const [upperLeg, lowerLeg] = [sides[first], sides[first + 1]];
  if (!upperLeg || !lowerLeg) throw new Error('a dart has two legs');
  const angle = angleBetween(subtract(startOf(upperLeg.path), tip), subtract(endOf(lowerLeg.path), tip));
  return { angle, above: sides.slice(0, first), below: sides.slice(first + 2) };
}

/**
 * Splits a panel on a princess line from its armhole through the tip of its waist dart, or through `plan.tip` where it has
 * none; that must be the tip of a side dart where there is one: that dart is closed by turning the part above it, and opens into the seam. All old edges
 * keep their lengths; both edges of the seam are equal, rounded off the tip, with a notch at its level.
 */
export function splitOnPrincess(whole: Piece, dartId: string, plan: PrincessPlan): PrincessPanels {
  const panel = whole.darts.some(({ id }) => id === dartId) ? whole : withZeroDart(whole, dartId, plan.tip);
  const { before, armhole, sides, outer, inner, after } = loopOf(panel, dartId);
  const tip = endOf(outer.path);
  const at = plan.leaves * curveLength(armhole.path);
  const [upperArmhole, lowerArmhole] = splitCurve(armhole.path, at);
  const slash = slashTo(tip, armhole.path, at);
  const { angle, above, below } = closeSideDart(sides, tip);
  const turn = (edge: Edge): Edge => ({ ...edge, path: turned(edge.path, tip, angle) });
  const seam = softened(
    { above: slash, below: [line(tip, endOf(inner.path))] },
    { above: turned(slash, tip, angle), below: [line(tip, startOf(outer.path))] },
    plan.soften,
  );
  const princess = (path: Curve): Edge => ({
    id: 'princess',
    role: 'princess',
    path,
    allowance: plan.allowance,
  });
  const bustLine = panel.levels.find(({ name }) => name === 'bust')?.path[0]?.y ?? tip.y;
  const [atCentre, atSide] = [passes(seam.centre, bustLine), passes(seam.side, bustLine)];
  const notchOf = (path: Curve): number => lengthWhere(path, 'y', tip.y) ?? 0;
  const centreEdges = [...before, { ...armhole, path: upperArmhole }, princess(seam.centre), ...after];
  const sideEdges = [
    { ...armhole, path: turned(lowerArmhole, tip, angle) },
    ...above.map(turn),
    ...below,
    princess(reverseCurve(seam.side)),
  ];
  const joinedSide = oneSide(sideEdges, kept(panel.notches, sideEdges, at));
  const level = (name: Level['name']) => panel.levels.find((each) => each.name === name)?.path.at(-1);
  const [bustEnd, waistEnd, chestEnd] = [level('bust'), level('waist'), level('chest')];
  const rotated = (p: Point): Point => rotate(p, tip, angle);
  const waistStart = panel.levels.find(({ name }) => name === 'waist')?.path[0];
  const centre = makePiece({
    ...panel,
    id: `${panel.id}-centre`,
    name: `${panel.name} centre`,
    edges: oneWaist(centreEdges),
    notches: [
      ...kept(panel.notches, centreEdges, 0),
      { edge: 'princess', at: notchOf(seam.centre), kind: 'single' },
    ],
    darts: [],
    levels: [
      { name: 'bust', path: [point(0, bustLine), atCentre] },
      ...(waistStart ? [{ name: 'waist' as const, path: [waistStart, endOf(inner.path)] }] : []),
    ],
    intakes: [],
  });
  const side = makePiece({
    ...panel,
    id: `${panel.id}-side`,
    name: `${panel.name} side`,
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
      ...(waistEnd ? [{ name: 'waist' as const, path: [startOf(outer.path), waistEnd] }] : []),
    ],
    intakes: [{ operation: 'princess seam', level: 'side', mm: Math.abs(angle) }],
  });
  return {
    centre,
    side: movePiece(side, point(-tip.x, 0)),
    lost: tip.x - atCentre.x + (atSide.x - tip.x),
  };
}
