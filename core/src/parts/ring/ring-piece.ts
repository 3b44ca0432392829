import { annularSector, type SectorPlan } from '../../drafting/operations/pieces/annular-sector.ts';
import { point } from '../../geometry/point.ts';
import { makePiece, type Cut, type Edge, type Notch, type Piece } from '../../pieces/piece.ts';
import { divided, named, plus, sum, type Working } from '../../workings/working.ts';

/** Half of a part of a ring on the fold, its seam opposite: a flare, a flounce, a peplum; mm. */
export interface RingPlan {
  readonly id: string;
  readonly name: string;
  readonly part: Piece['part'];
  readonly copies: number;
  /** What its inner edge is sewn to, all around, and that edge by its name and allowance. */
  readonly round: Working;
  readonly roundName: string;
  readonly inner: Pick<Edge, 'id' | 'role' | 'allowance'> & {
    readonly adds: 'armhole' | 'waist' | 'top' | 'neck';
  };
  readonly depth: Working;
  /** So much deeper at the fold, less and less towards the seam. */
  readonly letOut?: Working;
  /** The circle of which it is cut: 1 is a whole one. */
  readonly circle: number;
  readonly seam: Pick<Edge, 'id' | 'role' | 'allowance'>;
  readonly hem: number;
  readonly notches?: readonly Notch[];
}

/** The radius of the inner edge of a ring: its round over 2π, of as much of a circle as it is. */
const ringRadius = ({
  round,
  roundName,
  circle,
}: Pick<RingPlan, 'round' | 'roundName' | 'circle'>): Working =>
  divided(named(roundName, round), 2 * Math.PI * circle);

/** Round of the hem of a ring, mm. */
export const ringHem = (plan: Pick<RingPlan, 'round' | 'roundName' | 'circle' | 'depth'>): number =>
  2 * Math.PI * plan.circle * (ringRadius(plan).mm + plan.depth.mm);

export function ringPiece(plan: RingPlan): Piece {
  const { round, depth, letOut, circle, inner, seam } = plan;
  const radius = ringRadius(plan);
  const whole = Math.PI * circle;
  const outer: SectorPlan['outer'] =
    letOut === undefined
      ? radius.mm + depth.mm
      : (angle) => {
          const turn = (Math.PI * angle) / whole;
          return {
            mm: radius.mm + depth.mm + (letOut.mm * (1 + Math.cos(turn))) / 2,
            slope: (-letOut.mm * Math.sin(turn) * Math.PI) / whole / 2,
          };
        };
  const sides = annularSector({ inner: radius.mm, outer, from: 0, to: whole });
  const atFold = letOut === undefined ? depth : sum(plus(depth), plus(letOut));
  const cut: Cut = { copies: plan.copies, layers: 'fold' };
  const { adds, ...edge } = inner;
  return makePiece({
    id: plan.id,
    name: plan.name,
    role: 'outer',
    part: plan.part,
    cut,
    grain: point(0, 1),
    edges: [
      { ...edge, path: sides.inner },
      { ...seam, path: sides.finish },
      { id: 'hem', role: 'hem', path: sides.outer, allowance: plan.hem },
      { id: 'fold', role: 'fold', path: sides.start, allowance: 0 },
    ],
    notches: plan.notches ?? [],
    darts: [],
    levels: [],
    intakes: [],
    dimensions: [
      { name: 'inner-circle', label: 'Inner circle, from the corner', kind: 'down', at: { kind: 'corner', of: edge.role, end: 'start' }, working: radius, adds, follows: true },
      { name: 'hem-circle', label: 'Hem circle, from the corner', kind: 'down', at: { kind: 'corner', of: 'hem', end: 'end' }, working: sum(plus(named('inner circle', radius)), plus(named('depth at the fold', atFold))), adds: 'circleHem', follows: true },
      { name: 'inner-edge', label: 'Upper edge, on the half', kind: 'length', at: { kind: 'run', of: edge.role }, working: divided(round, 2) },
      { name: 'depth', label: 'Depth along the fold', kind: 'length', at: { kind: 'edge', edge: 'fold' }, working: atFold },
      ...(letOut ? [{ name: 'seam-depth', label: 'Depth along the seam', kind: 'length', at: { kind: 'edge', edge: seam.id }, working: depth } as const] : []),
    ],
  });
} // prettier-ignore
