import {
  curveLength,
  endDirection,
  endOf,
  lengthWhere,
  placeAtLength,
  startOf,
  type Curve,
} from '../../geometry/curve.ts';
import { point, quarterTurn } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import { makePiece, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import type { Allowances } from '../allowances.ts';
import type { Body } from '../body.ts';
import { drawClosedSeam, openingAt, type OpenedSeam } from '../closed-seam.ts';
import { waistEdges } from '../waist-edges.ts';
import { armholeCurve, backArmhole } from './armhole.ts';
import type { BodiceFrame } from './frame.ts';
import { roundNeckline } from './neckline.ts';
import type { BodiceShape } from './shape.ts';
import { sideCurve, sideNip } from './side-seam.ts';

export interface BackDraft {
  readonly piece: Piece;
  readonly sideLength: number;
  /** Half-width at the bust line, from the centre to the side, less what the dart takes there, mm. */
  readonly bustWidth: number;
  readonly waist: OpenedSeam;
  /** What the side takes of the waist shaping, mm. */
  readonly nip: number;
}

/** The back's underarm curve alone: the chest line is solved on it. */
export const backArmholeCurve = (body: Body, frame: BodiceFrame, shape: BodiceShape): Curve =>
  armholeCurve(
    frame.tip,
    frame.shoulder,
    point(shape.underarm.back, shape.chest),
    body.mm('acrossBack'),
    backArmhole,
    point(1, 0),
  );

/** The dart stands at half the back's waist width; its tip reaches a little below the chest line. */
const DART = { out: 0.5, tip: 0.02 };

/** The bodice back: a pair, with the zip's allowance outside the centre line. */
export function draftBack(
  body: Body,
  frame: BodiceFrame,
  shape: BodiceShape,
  rules: RuleSet,
  allowances: Allowances,
): BackDraft {
  const underarm = point(shape.underarm.back, shape.chest);
  const nip = sideNip(frame.bustWidth.back - frame.waistWidth.back, rules, frame.scale);
  const waistSide = point(frame.bustWidth.back - nip + shape.waistShift.back, frame.waist.back);
  const side = sideCurve(underarm, waistSide);
  const armhole = backArmholeCurve(body, frame, shape);
  const waist = drawClosedSeam({
    from: waistSide,
    leaving: quarterTurn(endDirection(side)),
    to: point(0, frame.waist.back),
    arriving: point(-1, 0),
    darts: shape.darts.back
      ? [
          {
            tip: point(
              DART.out * frame.waistWidth.back,
              shape.chest + DART.tip * (frame.waist.back - shape.chest),
            ),
            axis: point(0, 1),
            weight: 1,
          },
        ]
      : [],
    target: frame.waistWidth.back,
  });
  const neck = roundNeckline(frame.neckPoint, frame.shoulder, frame.neckDepth.back);
  const { edges, darts } = waistEdges(waist, allowances.waist);
  const bustLength = lengthWhere(side, 'y', frame.bustPoint.y);
  const bustOut = bustLength === undefined ? endOf(side).x : placeAtLength(side, bustLength).point.x;
  const bustWidth = waist.mouths.reduce(
    (width, mouth) => width - openingAt(mouth, frame.bustPoint.y),
    bustOut,
  );
  const pitch = curveLength(armhole.slice(0, 1));
  const piece = makePiece({
    id: 'bodice-back',
    name: 'Bodice back',
    role: 'outer',
    cut: { copies: 2, layers: 'pair' },
    grain: point(0, 1),
    edges: [
      { id: 'neck', role: 'neck', path: neck, allowance: allowances.neck },
      {
        id: 'shoulder',
        role: 'shoulder',
        path: [line(frame.neckPoint, frame.tip)],
        allowance: allowances.shoulder,
      },
      { id: 'armhole', role: 'armhole', path: armhole, allowance: allowances.armhole },
      { id: 'side', role: 'side', path: side, allowance: allowances.side },
      ...edges,
      {
        id: 'centre-back',
        role: 'centre',
        path: [line(point(0, frame.waist.back), startOf(neck))],
        allowance: allowances.zip,
      },
    ],
    notches: [
      { edge: 'armhole', at: pitch, kind: 'double' },
      { edge: 'side', at: curveLength(side) / 2, kind: 'single' },
    ],
    darts,
    levels: [
      { name: 'chest', path: [point(0, shape.chest), underarm] },
      { name: 'bust', path: [point(0, frame.bustPoint.y), point(bustOut, frame.bustPoint.y)] },
      { name: 'waist', path: [point(0, frame.waist.back), waistSide] },
    ],
    intakes: waist.mouths.map(({ mm }) => ({ operation: 'waist dart', level: 'waist', mm })),
  });
  return { piece, sideLength: curveLength(side), bustWidth, waist, nip };
}
