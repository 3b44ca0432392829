import { curveLength } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { handleCurve, line } from '../../geometry/segment.ts';
import { solve } from '../../geometry/solve.ts';
import { makePiece, type Piece } from '../../pieces/piece.ts';

/** A collar that stands around the neck, as the half from the centre front on the fold to the centre back; mm. */
export interface StandCollarPlan {
  /** Half the neck that it is sewn to: front and back, measured on the drafted necklines. */
  readonly neck: number;
  /** Where the shoulder seam meets it, from the centre front. */
  readonly shoulderAt: number;
  readonly height: number;
  /** How far its front half is raised: a collar that is cut straight stands away from the neck in front. */
  readonly raise: number;
  readonly allowance: number;
  /** Layers cut: the outer and the one inside. */
  readonly copies: number;
}

/** The lower edge leaves the centre front level and the centre back level; handles as parts of its span. */
const HANDLE = { front: 0.3, back: 0.45 };

const lowerEdge = (span: number, { height, raise }: StandCollarPlan) => [
  handleCurve(
    point(span, height),
    point(-1, 0),
    HANDLE.back * span,
    point(0, height - raise),
    point(-1, 0),
    HANDLE.front * span,
  ),
];

/**
 * Draws a stand or turtle collar whose lower edge is exactly as long as the neck, as a raised strip: its span is solved on the
 * curve. Common practice: the front half raised ½ in, 1½ in high, two layers.
 */
export function standCollar(plan: StandCollarPlan): Piece {
  const { neck, height, raise, allowance } = plan;
  const { x: span } = solve(
    (width) => curveLength(lowerEdge(width, plan)) - neck,
    0.5 * neck,
    neck + raise,
    1e-4,
  );
  const upper = handleCurve(
    point(0, -raise),
    point(1, 0),
    HANDLE.front * span,
    point(span, 0),
    point(1, 0),
    HANDLE.back * span,
  );
  return makePiece({
    id: 'collar',
    name: 'Collar',
    role: 'outer',
    cut: { copies: plan.copies, layers: 'fold' },
    grain: point(0, 1),
    edges: [
      { id: 'top', role: 'free', path: [upper], allowance },
      { id: 'end', role: 'end', path: [line(point(span, 0), point(span, height))], allowance },
      { id: 'neck', role: 'band', path: lowerEdge(span, plan), allowance },
      {
        id: 'centre-front',
        role: 'fold',
        path: [line(point(0, height - raise), point(0, -raise))],
        allowance: 0,
      },
    ],
    notches: [{ edge: 'neck', at: neck - plan.shoulderAt, kind: 'single' }],
    darts: [],
    levels: [],
    intakes: [],
  });
}
