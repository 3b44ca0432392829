import { curveLength, startOf, type Curve } from '../../geometry/curve.ts';
import { point, quarterTurn, type Point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import type { Edge, Notch } from '../../pieces/piece.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { drawClosedSeam, type DartPlan, type OpenedSeam } from '../closed-seam.ts';
import type { BodiceFrame } from './frame.ts';
import { neckline } from './neckline.ts';

type Which = 'front' | 'back';

/** A panel's waist, from where the side meets it to the centre, square to both. */
export const waistSeam = (
  frame: BodiceFrame,
  which: Which,
  from: Point,
  sideDirection: Point,
  darts: readonly DartPlan[],
): OpenedSeam =>
  drawClosedSeam({
    from,
    leaving: quarterTurn(sideDirection),
    to: point(0, frame.waist[which]),
    arriving: point(-1, 0),
    darts,
    target: frame.waistWidth[which],
  });

export interface PanelParts {
  readonly armhole: Curve;
  readonly side: readonly Edge[];
  readonly waist: readonly Edge[];
}

/** The loop of a bodice panel from the neck round to the centre: a fold in front, the zip's edge behind. */
export function panelEdges(
  frame: BodiceFrame,
  which: Which,
  { armhole, side, waist }: PanelParts,
  allowances: Allowances,
): Edge[] {
  const neck = neckline(frame.neckline[which], {
    neckPoint: frame.neckPoint,
    shoulder: frame.shoulder,
    depth: frame.neckDepth[which],
  });
  const centre = [line(point(0, frame.waist[which]), startOf(neck))];
  return [
    { id: 'neck', role: 'neck', path: neck, allowance: allowances.neck },
    {
      id: 'shoulder',
      role: 'shoulder',
      path: [line(frame.neckPoint, frame.tips[which])],
      allowance: allowances.shoulder,
      ...(which === 'back' && frame.backEase > 0 && { eased: frame.backEase }),
    },
    { id: 'armhole', role: 'armhole', path: armhole, allowance: allowances.armhole },
    ...side,
    ...waist,
    which === 'front'
      ? { id: 'centre-front', role: 'fold', path: centre, allowance: 0 }
      : { id: 'centre-back', role: 'centre', path: centre, allowance: allowances.zip },
  ];
}

/** The side's notch stands this part of the side above the waist: below any bust dart, so that front and back agree. */
const SIDE_NOTCH = 0.2;

/** One notch in front and two behind at the armhole's pitch, and one on the side, `lower` being its part to the waist. */
export const panelNotches = (
  which: Which,
  armhole: Curve,
  sideEdge: string,
  lower: number,
  wholeSide: number,
): Notch[] => [
  { edge: 'armhole', at: curveLength(armhole.slice(0, 1)), kind: which === 'front' ? 'single' : 'double' },
  { edge: sideEdge, at: lower - SIDE_NOTCH * wholeSide, kind: 'single' },
];
