import { curveLength, endDirection, type Curve } from '../../geometry/curve.ts';
import { clamp } from '../../geometry/clamp.ts';
import { point, quarterTurn, scale } from '../../geometry/point.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { makePiece, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import {
  byRule,
  changed,
  drawnTerm,
  minus,
  named,
  plus,
  sum,
  times,
  type Working,
} from '../../workings/working.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../body.ts';
import { openingAt, type OpenedSeam } from '../closed-seam.ts';
import { waistEdges } from '../waist-edges.ts';
import { armholeCurve, backArmhole } from './armhole.ts';
import type { BodiceFrame } from './frame.ts';
import { panelEdges, panelNotches, waistSeam } from './panel.ts';
import type { BodiceShape } from './shape.ts';
import {
  chestSum,
  panelDimensions,
  sideRun,
  underarmSum,
  waistDrop,
  type PanelSums,
} from './panel-dimensions.ts';
import { sideCurve, sideNip, sideOutAt, upperSide } from './side-seam.ts';

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
export const backArmholeCurve = (body: Body, frame: BodiceFrame, shape: BodiceShape): Curve => {
  const upper = upperSide(frame, shape, 'back');
  return armholeCurve(
    frame.tips.back,
    frame.shoulder,
    upper.underarm,
    body.mm('acrossBack'),
    backArmhole,
    scale(quarterTurn(upper.leaving), -1),
  );
};

/** The dart stands at half the back's waist width. */
export const BACK_DART_OUT = 0.5;
/** Its tip lies no lower than this part of the way from chest line to waist, whatever the bust line. */
const LOWEST_TIP = 0.45;

/** Down to the tip of the dart: at the bust line, or as far above it as the house has it, and never above the chest line. */
export function backDartTip({ sums, waist }: BodiceFrame, { chest }: BodiceShape, rules: RuleSet): Working {
  const above = byRule('dart.backAboveBust', rules['dart.backAboveBust']);
  const tip = sum(plus(named('bust line', sums.bustLine)), minus(above));
  return changed(tip, 'kept', clamp(tip.mm, chest, chest + LOWEST_TIP * (waist.back - chest)) - tip.mm);
}

/** A width at a level, less what the darts take there, mm. */
const lessMouths = (width: number, { mouths }: OpenedSeam, level: number): number =>
  mouths.reduce((left, mouth) => left - openingAt(mouth, level), width);

/** The bodice back: a pair, with the zip's allowance outside the centre line. */
export function draftBack(
  body: Body,
  frame: BodiceFrame,
  shape: BodiceShape,
  rules: RuleSet,
  allowances: Allowances,
): BackDraft {
  const upper = upperSide(frame, shape, 'back');
  const tipDown = backDartTip(frame, shape, rules);
  const nipSum = sideNip(waistDrop(frame, 'back'), rules, frame.scale);
  const waistSide = point(frame.bustWidth.back - nipSum.mm + shape.waistShift.back, frame.waist.back);
  const side = sideCurve(upper, waistSide);
  const armhole = backArmholeCurve(body, frame, shape);
  const dart = {
    tip: point(BACK_DART_OUT * frame.waistWidth.back, tipDown.mm),
    axis: point(0, 1),
    weight: 1,
  };
  const waist = waistSeam(frame, 'back', waistSide, endDirection(side), shape.darts.back ? [dart] : []);
  const { edges, darts } = waistEdges(waist, allowances.waist);
  const bustOut = sideOutAt(side, frame.bustPoint.y);
  const bustWidth = lessMouths(bustOut, waist, frame.bustPoint.y);
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
      { name: 'chest', path: [point(0, shape.chest), upper.underarm] },
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
    panelDimensions(
      piece,
      frame,
      'back',
      backSums(frame, { ...drawnBy, open, tipDown, underarm: upper.underarm.x }),
    );
  return { piece, dimensions, sideLength, sideSum: drawnBy.side, bustWidth, waist };
}

interface BackSumsOf {
  readonly chest: Working;
  readonly side: Working;
  readonly nip: Working;
  /** The opening of the dart at the bust line, mm. */
  readonly open: number;
  readonly tipDown: Working;
  /** Out to the underarm, mm. */
  readonly underarm: number;
}

/** The sums that the back was drawn by, beside those of its frame. */
function backSums(frame: BodiceFrame, of: BackSumsOf): PanelSums {
  const { sums } = frame;
  const { chest, side, nip, open } = of;
  return {
    chest,
    underarm: underarmSum(sums.chestWidth.back, of.underarm),
    bust: sum(plus(sums.bustWidth.back), drawnTerm('dart where it crosses', open)),
    waistSide: named('waist line', sums.waist.back),
    side,
    darts: {
      'waist-dart-1': {
        intake: sum(plus(waistDrop(frame, 'back')), minus(named('side nip', nip))),
        tipOut: times(named('back waist width', sums.waistWidth.back), BACK_DART_OUT),
        tipDown: of.tipDown,
      },
    },
  };
}
