import { curveLength, endOf, reverseCurve, startOf } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { handleCurve, line } from '../../geometry/segment.ts';
import { solve } from '../../geometry/solve.ts';
import { makePiece, type Piece } from '../../pieces/piece.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { declared, withDimensions } from '../../pieces/carry-dimensions.ts';
import { type Working } from '../../workings/working.ts';

/** A collar that stands around the neck, as the half from its fold to its end; mm. */
export interface StandCollarPlan {
  /** Half the neck that it is sewn to, measured on the drafted necklines. */
  readonly neck: Working;
  /** Which centre lies on the fold; the collar ends at the other. */
  readonly fold: 'front' | 'back';
  /** Place of the shoulder seam on it, from the fold. */
  readonly shoulderAt: number;
  readonly height: Working;
  /** Raise of its front: a collar that is cut straight stands away from the neck there. */
  readonly raise: Working;
  readonly allowance: number;
  /** Its id and name where it is not the collar alone. */
  readonly called?: { readonly id: string; readonly name: string };
  /** Layers cut: the outer and the one inside. */
  readonly copies: number;
}

/** An edge leaves the centre front nearly level and the centre back level; handles as parts of its span. */
const HANDLE = { front: 0.3, back: 0.45 };

/** From the end to the fold, at `level` behind and raised in front. */
function edgeAt(level: number, span: number, { fold, raise: up }: StandCollarPlan) {
  const raise = up.mm;
  const raised = level - raise;
  const [atEnd, atFold] = fold === 'front' ? [level, raised] : [raised, level];
  const [endHandle, foldHandle] =
    fold === 'front' ? [HANDLE.back, HANDLE.front] : [HANDLE.front, HANDLE.back];
  const back = point(-1, 0);
  return [handleCurve(point(span, atEnd), back, endHandle * span, point(0, atFold), back, foldHandle * span)];
}

/**
 * Draws a stand or turtle collar whose lower edge is exactly as long as the neck, as a raised strip: its span is solved on the
 * curve. Common practice: the front raised ½ in, 1½ in high, two layers.
 */
export function standCollar(plan: StandCollarPlan): Piece {
  const { allowance, fold } = plan;
  const [neck, height, raise] = [plan.neck, plan.height, plan.raise].map(({ mm }) => mm) as [
    number,
    number,
    number,
  ];
  const { x: span } = solve(
    (width) => curveLength(edgeAt(height, width, plan)) - neck,
    0.5 * neck,
    neck + raise,
  );
  const [upper, lower] = [reverseCurve(edgeAt(0, span, plan)), edgeAt(height, span, plan)];
  const piece = makePiece({
    ...(plan.called ?? { id: 'collar', name: 'Collar' }),
    role: 'outer',
    part: 'collar',
    cut: { copies: plan.copies, layers: 'fold' },
    grain: point(0, 1),
    edges: [
      { id: 'top', role: 'free', path: upper, allowance },
      { id: 'end', role: 'end', path: [line(endOf(upper), startOf(lower))], allowance },
      { id: 'neck', role: 'band', path: lower, allowance },
      { id: `centre-${fold}`, role: 'fold', path: [line(endOf(lower), startOf(upper))], allowance: 0 },
    ],
    notches: [{ edge: 'neck', at: neck - plan.shoulderAt, kind: 'single' }],
    darts: [],
    levels: [],
    intakes: [],
    dimensions: [],
  });
  return withDimensions(piece, ...collarDimensions(piece, plan));
}

/** Cut dimensions of a collar: neck edge, span, height and raise. */
function collarDimensions(piece: Piece, plan: StandCollarPlan): Dimension[] {
  return [
    {
      name: 'neck-edge',
      label: 'Neck edge, on the half',
      kind: 'length',
      at: { kind: 'run', of: 'band' },
      working: plan.neck,
    },
    declared(
      piece,
      {
        name: 'span',
        label: 'Straight across from the fold',
        kind: 'out',
        at: { kind: 'corner', of: 'end', end: 'start' },
        working: plan.neck,
        adds: 'neck',
      },
      'curve',
    ),
    {
      name: 'end-edge',
      label: 'Height at the end',
      kind: 'length',
      at: { kind: 'run', of: 'end' },
      working: plan.height,
    },
    {
      name: 'raise',
      label: 'Raised in front by',
      kind: 'length',
      at: { kind: 'raise', of: 'free' },
      working: plan.raise,
    },
  ];
}
