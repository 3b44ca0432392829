import { endOf, lengthWhere, splitCurve, startOf, type Curve } from '../../../geometry/curve.ts';
import { angleBetween, subtract, type Point } from '../../../geometry/point.ts';
import { line } from '../../../geometry/segment.ts';
import { centreOf, edgeLength, edgeOf, type Edge, type Notch, type Piece } from '../../../pieces/piece.ts';
import { between } from '../../../geometry/loop.ts';

/** A panel's loop, parted where a princess seam will leave its upper edge and at the dart that the seam runs through. */
export interface PrincessLoop {
  readonly before: readonly Edge[];
  /** The edge that the seam leaves from: armhole, shoulder, neck or top. */
  readonly leaving: Edge;
  /** From below that edge to where the waist dart opens. */
  readonly sides: readonly Edge[];
  readonly outer: Edge;
  readonly inner: Edge;
  readonly after: readonly Edge[];
}

export function princessLoop(panel: Piece, dartId: string, leaving: string): PrincessLoop {
  const dart = panel.darts.find(({ id }) => id === dartId);
  if (!dart) throw new Error(`${panel.id} has no dart ${dartId} to split on`);
  const { edges } = panel;
  const [outer, inner] = [edgeOf(panel, dart.legs[0]), edgeOf(panel, dart.legs[1])];
  const [left, centre] = [edgeOf(panel, leaving), centreOf(panel)];
  return {
    before: between(edges, centre, left),
    leaving: left,
    sides: between(edges, left, outer),
    outer,
    inner,
    after: [...between(edges, inner, centre), centre],
  };
}

/** The tip that a panel without a waist dart is split on; its seam is a dart of no width. */
export function withZeroDart(panel: Piece, dartId: string, tip: Point): Piece {
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
    darts: [...panel.darts, { id: dartId, in: 'waist', legs, pressed: 'centre' }],
  };
}

/** Stretches of one side that follow each other, now that its dart is closed, are one; notches count from its start. */
export function oneSide(
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
export const oneWaist = (edges: readonly Edge[]): Edge[] =>
  edges.map((edge) => (edge.role === 'waist' ? { ...edge, id: 'waist' } : edge));

/** A dart in the side is closed by turning all above it about the tip; its legs are equal, so that the side joins. */
export function closeSideDart(
  sides: readonly Edge[],
  tip: Point,
): { readonly angle: number; readonly above: Edge[]; readonly below: Edge[] } {
  const first = sides.findIndex(({ role }) => role === 'dart');
  if (first < 0) return { angle: 0, above: [], below: [...sides] };
  const [upperLeg, lowerLeg] = [sides[first], sides[first + 1]];
  if (!upperLeg || !lowerLeg) throw new Error('a dart has two legs');
  const angle = angleBetween(subtract(startOf(upperLeg.path), tip), subtract(endOf(lowerLeg.path), tip));
  return { angle, above: sides.slice(0, first), below: sides.slice(first + 2) };
}
