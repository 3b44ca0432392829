import { curveLength, endDirection, type Curve } from '../../geometry/curve.ts';
import { point, type Point } from '../../geometry/point.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { makePiece, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { changed, drawnTerm, minus, named, plus, sum, times, type Working } from '../../workings/working.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../body.ts';
import { openingAt, type OpenedSeam } from '../closed-seam.ts';
import { waistEdges } from '../waist-edges.ts';
import { armholeCurve, backArmhole } from './armhole.ts';
import type { BodiceFrame } from './frame.ts';
import { panelEdges, panelNotches, waistSeam } from './panel.ts';
import type { BodiceShape } from './shape.ts';
import { chestSum, panelDimensions, sideRun, waistDrop, type PanelSums } from './panel-dimensions.ts';
import { sideCurve, sideNip, sideOutAt } from './side-seam.ts';

export interface BackDraft {
  /** Without its dimensions, which are worked out once it is settled. */
  readonly piece: Piece;
  readonly dimensions: () => readonly Dimension[];
  readonly sideLength: number;
  /** The sum of its side seam, which the front's is drawn to. */
  readonly sideSum: Working;
  /** Half-width at the bust line, from the centre to the side, less what the dart takes there, mm. */
  readonly bustWidth: number;
  readonly waist: OpenedSeam;
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

const dartTip = ({ waistWidth, waist }: BodiceFrame, { chest }: BodiceShape): Point =>
  point(DART.out * waistWidth.back, chest + DART.tip * (waist.back - chest));

/** The bodice back: a pair, with the zip's allowance outside the centre line. */
export function draftBack(
  body: Body,
  frame: BodiceFrame,
  shape: BodiceShape,
  rules: RuleSet,
  allowances: Allowances,
): BackDraft {
  const underarm = point(shape.underarm.back, shape.chest);
  const nipSum = sideNip(waistDrop(frame, 'back'), rules, frame.scale);
  const waistSide = point(frame.bustWidth.back - nipSum.mm + shape.waistShift.back, frame.waist.back);
  const side = sideCurve(underarm, waistSide);
  const armhole = backArmholeCurve(body, frame, shape);
  const dart = { tip: dartTip(frame, shape), axis: point(0, 1), weight: 1 };
  const waist = waistSeam(frame, 'back', waistSide, endDirection(side), shape.darts.back ? [dart] : []);
  const { edges, darts } = waistEdges(waist, allowances.waist);
  const bustOut = sideOutAt(side, frame.bustPoint.y);
  const bustWidth = waist.mouths.reduce(
    (width, mouth) => width - openingAt(mouth, frame.bustPoint.y),
    bustOut,
  );
  const piece = makePiece({
    id: 'bodice-back',
    name: 'Bodice back',
    role: 'outer',
    part: 'bodice',
    face: 'back',
    cut: { copies: 2, layers: 'pair' },
    grain: point(0, 1),
    edges: panelEdges(
      frame,
      'back',
      { armhole, side: [{ id: 'side', role: 'side', path: side, allowance: allowances.side }], waist: edges },
      allowances,
    ),
    notches: panelNotches('back', armhole, 'side', curveLength(side), curveLength(side)),
    darts,
    levels: [
      { name: 'chest', path: [point(0, shape.chest), underarm] },
      { name: 'bust', path: [point(0, frame.bustPoint.y), point(bustOut, frame.bustPoint.y)] },
      { name: 'waist', path: [point(0, frame.waist.back), waistSide] },
    ],
    intakes: waist.mouths.map(({ mm }) => ({ operation: 'waist dart', level: 'waist', mm })),
  });
  const sideLength = curveLength(side);
  const chest = chestSum(body, shape);
  const run = sideRun(chest, frame.sums.waist.back);
  const drawnBy = { chest, side: changed(run, 'slant', sideLength - run.mm), nip: nipSum };
  const open = bustOut - bustWidth;
  const dimensions = () =>
    panelDimensions(piece, frame, 'back', backSums(frame, shape, { ...drawnBy, open }));
  return { piece, dimensions, sideLength, sideSum: drawnBy.side, bustWidth, waist };
}

interface BackSumsOf {
  readonly chest: Working;
  readonly side: Working;
  readonly nip: Working;
  /** The opening of the dart at the bust line, mm. */
  readonly open: number;
}

/** The sums that the back was drawn by, beside those of its frame. */
function backSums(frame: BodiceFrame, shape: BodiceShape, { chest, side, nip, open }: BackSumsOf): PanelSums {
  const { sums, bustWidth } = frame;
  return {
    chest,
    underarm: changed(sums.bustWidth.back, 'givenBack', shape.underarm.back - bustWidth.back),
    bust: sum(plus(sums.bustWidth.back), drawnTerm('dart where it crosses', open)),
    waistSide: named('waist line', sums.waist.back),
    side,
    darts: {
      'waist-dart-1': {
        intake: sum(plus(waistDrop(frame, 'back')), minus(named('side nip', nip))),
        tipOut: times(named('back waist width', sums.waistWidth.back), DART.out),
        tipDown: sum(
          plus(named('chest line', chest)),
          plus(times(sideRun(chest, sums.waist.back), DART.tip)),
        ),
      },
    },
  };
}
