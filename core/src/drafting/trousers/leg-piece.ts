import { curveLength, endOf, pointWhere, reverseCurve, startOf, type Curve } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { declared } from '../../pieces/carry-dimensions.ts';
import { dartDimensions, intakeOf } from '../../pieces/dart-dimensions.ts';
import { down, type Dimension } from '../../pieces/dimension.ts';
import { makePiece, turnedLoop, type Notch, type Piece } from '../../pieces/piece.ts';
import { drawn, minus, named, plus, sum } from '../../workings/working.ts';
import type { OpenedSeam } from '../closed-seam.ts';
import { waistEdges } from '../waist-edges.ts';
import type { LegPlan } from './leg-plan.ts';
import { centreLine, downCentre, forkCurve, hemOf, inseamOf, sideOf, type SideTop } from './leg-shape.ts';

/** A leg panel as it was solved. */
export interface SolvedLeg {
  readonly plan: LegPlan;
  readonly top: SideTop;
  readonly forkDepth: number;
  readonly waist: OpenedSeam;
}

/** Hip and knee, to be matched on the sides and the inseams. */
function notchesOf(side: Curve, inseam: Curve, { plan }: SolvedLeg): Notch[] {
  const overHip = curveLength(side.slice(0, 1));
  const toKnee = curveLength(side.slice(0, 2));
  const kind = plan.face === 'front' ? 'single' : 'double';
  return [
    { edge: 'side', at: curveLength(side) - overHip, kind },
    { edge: 'side', at: curveLength(side) - toKnee, kind },
    { edge: 'inseam', at: curveLength(inseam.slice(0, 1)), kind },
  ];
}

function dimensionsOf(piece: Piece, { plan, waist }: SolvedLeg): Dimension[] {
  const { hip, hipDepth, crotch, kneeDown, knee, length, hem } = plan;
  const intakes = piece.darts.map((dart) => plus(drawn('dart', intakeOf(piece, dart))));
  const wide = (name: string, label: string, level: 'waist' | 'hip' | 'knee' | 'legHem', kind: Dimension['kind'], working: Dimension['working']): Dimension => ({
    name, label, kind, at: { kind: 'width', level }, working, ...(kind === 'out' && { adds: 'side' as const }),
  }); // prettier-ignore
  return [
    declared(piece, wide('waist', 'Waist, across', 'waist', 'length', sum(plus(named('waist above', plan.waist)), ...intakes)), 'curve'),
    { ...down('hip-line', 'Hip line, down', 'hip', 'side', hipDepth), follows: true },
    wide('hip', 'Hip, across', 'hip', 'out', hip),
    { ...down('crotch-line', 'Crotch line, down at the side', 'crotch', 'side', crotch), follows: true },
    { ...down('knee-line', 'Knee line, down', 'knee', 'side', kneeDown), follows: true },
    { ...wide('knee', 'Knee, seam to seam', 'knee', 'length', knee), follows: true },
    { ...down('length', 'Hem, down at the side', 'legHem', 'side', length), adds: 'hem' },
    { ...wide('leg-hem', 'Hem, seam to seam', 'legHem', 'length', hem), follows: true },
    ...piece.darts.flatMap((dart, index) => {
      const mouth = waist.mouths[index];
      return mouth
        ? dartDimensions(piece, dart, {
            intake: drawn('hip less waist, seat and side', mouth.mm),
            tipOut: drawn('below the dart above', mouth.tip.x),
            tipDown: drawn('usual dart', mouth.tip.y),
          })
        : [];
    }),
    declared(piece, { name: 'seat-out', label: 'Centre at the waist, out', kind: 'out', at: { kind: 'corner', of: 'centre', end: 'end' }, working: plan.slant }, 'curve'),
    declared(piece, { name: 'seat-rise', label: 'Centre at the waist, down', kind: 'down', at: { kind: 'corner', of: 'centre', end: 'end' }, working: sum(minus(plan.rise)) }, 'curve'),
  ]; // prettier-ignore
}

/** One leg panel, cut as a pair: waist, side, hem, inseam, fork, centre. */
export function legPiece(solved: SolvedLeg, allowances: Allowances): Piece {
  const { plan, top, forkDepth, waist } = solved;
  const { face } = plan;
  const [side, inseam, fork, centre] = [
    sideOf(plan, top),
    inseamOf(plan, forkDepth),
    forkCurve(plan, forkDepth),
    centreLine(plan),
  ];
  const parts = waistEdges(waist, allowances.waist);
  const crotchDown = plan.crotch.mm;
  const sideAt = (y: number) => pointWhere(side, 'y', y) ?? endOf(side);
  const inside = (y: number) =>
    (y < forkDepth ? pointWhere(fork, 'y', y) : pointWhere(inseam, 'y', y)) ?? startOf(inseam);
  const zip = plan.zipEnd && downCentre(plan, plan.zipEnd.mm);
  const isOpen = zip !== undefined;
  // Drawn from the side in, as a skirt’s waist is.
  const piece = makePiece(
    turnedLoop({
      id: `trousers-${face}`,
      name: `Trousers ${face}`,
      role: 'outer',
      part: 'trousers',
      face,
      cut: { copies: 2, layers: 'pair' },
      grain: point(0, 1),
      edges: [
        ...parts.edges,
        { id: `centre-${face}`, role: 'centre', path: centre, allowance: isOpen ? allowances.zip : allowances.fork },
        { id: 'fork', role: 'fork', path: fork, allowance: allowances.fork },
        { id: 'inseam', role: 'inseam', path: inseam, allowance: allowances.inseam },
        { id: 'hem', role: 'hem', path: reverseCurve(hemOf(plan, side, inseam)), allowance: allowances.hem },
        { id: 'side', role: 'side', path: reverseCurve(side), allowance: allowances.side },
      ],
      notches: [
        ...notchesOf(side, inseam, solved),
        ...(zip !== undefined && zip < curveLength(centre) ? [{ edge: `centre-${face}`, at: zip, kind: 'single' } as const] : []),
      ],
      darts: parts.darts,
      levels: [
        { name: 'waist', path: [startOf(centre), startOf(side)] },
        { name: 'hip', path: [endOf(centre), point(plan.hip.mm, plan.hipDepth.mm)] },
        { name: 'crotch', path: [inside(crotchDown), sideAt(crotchDown)] },
        { name: 'knee', path: [inside(plan.kneeDown.mm), sideAt(plan.kneeDown.mm)] },
        { name: 'legHem', path: [endOf(inseam), endOf(side)], along: 'hem' },
      ],
      intakes: waist.mouths.map(({ mm }) => ({ operation: 'waist dart', level: 'waist', mm })),
    }),
  ); // prettier-ignore
  return { ...piece, dimensions: dimensionsOf(piece, solved) };
}
