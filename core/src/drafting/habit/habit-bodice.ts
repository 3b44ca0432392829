import { clamp } from '../../geometry/clamp.ts';
import type { Curve } from '../../geometry/curve.ts';
import {
  add,
  between,
  distance,
  dot,
  point,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../../geometry/point.ts';
import { handleCurve, line } from '../../geometry/segment.ts';
import { edgeLength, makePiece, type Dart, type Edge, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import {
  byRule,
  changed,
  chosen,
  divided,
  minus,
  named,
  plus,
  sum,
  times,
  type Working,
} from '../../workings/working.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../body.ts';
import type { Bodice } from '../bodice/bodice.ts';
import { bodiceFrame, quarterSum, type BodiceChoices, type BodiceFrame } from '../bodice/frame.ts';
import { panelDimensions, sideRun, type PanelSums } from '../bodice/panel-dimensions.ts';
import { panelEdges, panelNotches } from '../bodice/panel.ts';
import { shortenDarts } from '../operations/darts/shorten-dart.ts';
import { waistEdges } from '../waist-edges.ts';
import { straightWaist } from './straight-waist.ts';

type Which = 'front' | 'back';

/** Depths by habit are chalked to the nearest half inch. */
const NEAREST = inches(0.5);
/** Bust ÷ 6 + 1½: the second school of chest line. */
const BUST_SIXTH_MORE = inches(1.5);

/** The chest line by the school that the house follows, as it is chalked. */
export function habitChestLine(body: Body, rules: RuleSet): Working {
  switch (rules['school.chestLine']) {
    case 'half-armhole':
      return divided(body.term('armhole'), 2);
    case 'bust-sixth': {
      const sixth = sum(plus(divided(body.term('bust'), 6)), plus(chosen('more', BUST_SIXTH_MORE)));
      const exact = sixth.mm;
      return changed(sixth, 'nearest', Math.round(exact / NEAREST) * NEAREST - exact);
    }
    case 'fixed':
      return byRule('chestLine.fixed', rules['chestLine.fixed']);
  }
}

/** Everything straight down from the start line and in quarters: no slant of the tape, no share between front and back. */
function habitFrame(body: Body, choices: BodiceChoices, frame: BodiceFrame): BodiceFrame {
  const { given = { bust: 0, waist: 0 } } = choices;
  const bust = quarterSum(body.term('bust'), choices.easeBust, 'easeBust', given.bust);
  const waistQuarter = quarterSum(body.term('waist'), choices.easeWaist, 'easeWaist', given.waist);
  const [bustQuarter, quarter] = [bust.mm, waistQuarter.mm];
  const tip = frame.tips.front;
  const neckPoint = point(clamp(choices.neckWidth, 0, tip.x - 20), 0);
  return {
    ...frame,
    scale: 1,
    neckPoint,
    // The back is copied from the front: nothing of its shoulder is eased in.
    tips: { front: tip, back: tip },
    backEase: 0,
    shoulder: unitVector(subtract(tip, neckPoint)),
    bustPoint: point(body.mm('bustSpan') / 2, body.mm('shoulderToBust')),
    waist: { front: body.mm('frontWaistLength'), back: body.mm('backWaistLength') },
    bustWidth: { front: bustQuarter, back: bustQuarter },
    waistWidth: { front: quarter, back: quarter },
    share: 0,
    sums: {
      ...frame.sums,
      neckWidth: changed(
        chosen('neck width', choices.neckWidth, 'neckWidth'),
        'kept',
        neckPoint.x - choices.neckWidth,
      ),
      shoulder: { ...frame.sums.shoulder, back: frame.sums.shoulder.front },
      drop: { ...frame.sums.drop, back: frame.sums.drop.front },
      bustLine: body.term('shoulderToBust'),
      waist: { front: body.term('frontWaistLength'), back: body.term('backWaistLength') },
      bustWidth: { front: bust, back: bust },
      waistWidth: { front: waistQuarter, back: waistQuarter },
      share: sum(),
    },
  };
}

/** Straight down from the tip; half-way in by the hollow; run out to the quarter. */
function habitArmhole(tip: Point, underarm: Point, hollow: number): Curve {
  const middle = point(Math.min(tip.x - hollow, underarm.x - 10), (tip.y + underarm.y) / 2);
  const upper = middle.y - tip.y;
  const down = point(0, 1);
  return [
    handleCurve(tip, down, 0.4 * upper, middle, down, 0.35 * upper),
    handleCurve(
      middle,
      down,
      0.6 * (underarm.y - middle.y),
      underarm,
      point(1, 0),
      0.5 * (underarm.x - middle.x),
    ),
  ];
}

/** The side's dart opens this far below the bust line, mm. */
const UNDER_BUST_LINE = 6;

/** The front's side with the balance taken out as a dart just under the bust line, its legs equal by construction. */
function dartedSide(
  underarm: Point,
  waist: Point,
  tip: Point,
  excess: number,
  allowance: number,
): { edges: Edge[]; darts: Dart[] } {
  const along = unitVector(subtract(waist, underarm));
  const length = distance(underarm, waist);
  // The bust line lies at the tip's level: its end is on the upper part of the side.
  const bustAlong = (tip.y - underarm.y) / along.y;
  const foot = clamp(
    Math.max(dot(subtract(tip, underarm), along), bustAlong + excess / 2 + UNDER_BUST_LINE),
    0.25 * length + excess / 2,
    0.8 * length - excess / 2,
  );
  const [upper, lower] = [-0.5, 0.5].map((side) => add(underarm, scale(along, foot + side * excess)));
  if (!upper || !lower) throw new Error('a dart has two legs');
  return {
    edges: [
      { id: 'side-upper', role: 'side', path: [line(underarm, upper)], allowance },
      { id: 'bust-dart-upper', role: 'dart', path: [line(upper, tip)], allowance: 0 },
      { id: 'bust-dart-lower', role: 'dart', path: [line(tip, lower)], allowance: 0 },
      { id: 'side-lower', role: 'side', path: [line(lower, waist)], allowance },
    ],
    darts: [{ id: 'bust-dart', in: 'side', legs: ['bust-dart-upper', 'bust-dart-lower'], pressed: 'hem' }],
  };
}

/** Less than this between front and back lengths is eased in, mm. */
const LEAST_DART = inches(0.25);

const hasBustDart = ({ darted, waist }: BodiceFrame): boolean =>
  darted && waist.front - waist.back >= LEAST_DART;

/** The lines that a panel of the table habit is chalked on. */
function habitLines(frame: BodiceFrame, which: Which, chest: number, intake: number) {
  const underarm = point(frame.bustWidth[which], chest);
  // Without a bust dart the front's waist rises to where the back's side ends, or the sides would not meet.
  const sideLevel = frame.darted ? frame.waist[which] : frame.waist.back;
  const waistSide = point(frame.waistWidth[which] + intake, sideLevel);
  /** Place of the bust line on the straight side, as a part of it. */
  const bustAt = clamp((frame.bustPoint.y - chest) / (waistSide.y - chest), 0, 1);
  const bustSide = between(underarm, waistSide, bustAt);
  const bust =
    which === 'front' ? [point(0, bustSide.y), frame.bustPoint, bustSide] : [point(0, bustSide.y), bustSide];
  return { underarm, waistSide, bustAt, bust };
}

/** The side in one straight line, or in front with the bust dart in it. */
function habitSide(frame: BodiceFrame, which: Which, underarm: Point, waistSide: Point, allowance: number) {
  const plain: Edge = { id: 'side', role: 'side', path: [line(underarm, waistSide)], allowance };
  if (which === 'back' || !hasBustDart(frame))
    return { edges: [plain], darts: [], lower: plain, length: edgeLength(plain) };
  const balance = frame.waist.front - frame.waist.back;
  const { edges, darts } = dartedSide(underarm, waistSide, frame.bustPoint, balance, allowance);
  const sewn = edges.filter(({ role }) => role === 'side');
  const lower = sewn.find(({ id }) => id === 'side-lower');
  if (!lower) throw new Error('a darted side has a part below its dart');
  return { edges, darts, lower, length: sewn.reduce((sum, edge) => sum + edgeLength(edge), 0) };
}

interface HabitSumsOf {
  readonly chest: Working;
  readonly habit: 'habit.waistDart' | 'habit.backDart';
  readonly intake: number;
  readonly bustAt: number;
  readonly isDarted: boolean;
}

/** The sums that a panel of the table habit was chalked by. */
function habitSums(frame: BodiceFrame, which: Which, of: HabitSumsOf): PanelSums {
  const { sums } = frame;
  const { chest, bustAt } = of;
  const intake = byRule(of.habit, of.intake);
  const sideDown = named('waist line', sums.waist[frame.darted ? which : 'back']);
  const taken = sum(
    plus(named('waist line, front', sums.waist.front)),
    minus(named('waist line, back', sums.waist.back)),
  );
  const run = sideRun(chest, sideDown);
  // The side runs straight from underarm to waist: at the bust line it has come in by a part of what it comes in by there.
  const narrower = sum(plus(sums.bustWidth[which]), minus(sums.waistWidth[which]), minus(intake));
  const bustLine = named('bust line', sums.bustLine);
  return {
    chest,
    underarm: sums.bustWidth[which],
    bust: sum(plus(sums.bustWidth[which]), minus(times(narrower, bustAt))),
    waistSide: sideDown,
    side: of.isDarted ? sum(plus(run), minus(named('bust dart', taken))) : run,
    darts: {
      'bust-dart': { intake: taken, tipOut: sums.bustOut, tipDown: bustLine },
      'waist-dart-1': {
        intake,
        tipOut: sums.bustOut,
        tipDown: which === 'front' ? bustLine : named('chest line', chest),
      },
    },
  };
}

function habitPanel(
  frame: BodiceFrame,
  which: Which,
  chestSum: Working,
  rules: RuleSet,
  allowances: Allowances,
  hollow: number,
): Piece {
  const chest = chestSum.mm;
  const habit = which === 'front' ? 'habit.waistDart' : 'habit.backDart';
  const intake = frame.darted ? rules[habit] : 0;
  const { underarm, waistSide, bustAt, bust } = habitLines(frame, which, chest, intake);
  const armhole = habitArmhole(frame.tips[which], underarm, hollow);
  const tip = which === 'front' ? frame.bustPoint : point(frame.bustPoint.x, chest);
  const waist = straightWaist(waistSide, frame.waist[which], frame.bustPoint.x, intake, tip);
  const { edges, darts } = waistEdges(waist, allowances.waist);
  const side = habitSide(frame, which, underarm, waistSide, allowances.side);
  const piece = makePiece({
    id: `bodice-${which}`,
    name: `Bodice ${which}`,
    role: 'outer',
    part: 'bodice',
    face: which,
    cut: which === 'front' ? { copies: 1, layers: 'fold' } : { copies: 2, layers: 'pair' },
    grain: point(0, 1),
    edges: panelEdges(frame, which, { armhole, side: side.edges, waist: edges }, allowances),
    notches: panelNotches(which, armhole, side.lower.id, edgeLength(side.lower), side.length),
    darts: [...side.darts, ...darts],
    levels: [
      { name: 'chest', path: [point(0, chest), underarm] },
      { name: 'bust', path: bust },
      { name: 'waist', path: [point(0, frame.waist[which]), waistSide] },
    ],
    intakes: intake > 0 ? [{ operation: 'waist dart', level: 'waist', mm: intake }] : [],
  });
  const isDarted = side.darts.length > 0;
  const sums = habitSums(frame, which, { chest: chestSum, habit, intake, bustAt, isDarted });
  return { ...piece, dimensions: panelDimensions(piece, frame, which, sums) };
}

/**
 * A bodice as it is chalked by hand: quarters, straight sides, a fixed hollow at half the armhole, darts of a fixed
 * width, the back copied from the front with a shallower neck. Nothing is measured and given back; the checks say
 * what that costs.
 */
export function draftHabitBodice(
  body: Body,
  choices: BodiceChoices,
  rules: RuleSet,
  allowances: Allowances,
): Bodice {
  const { frame: solved, findings } = bodiceFrame(body, choices, rules);
  const frame = habitFrame(body, choices, solved);
  const wanted = habitChestLine(body, rules);
  const chest = clamp(wanted.mm, frame.tips.front.y + 60, frame.bustPoint.y - inches(0.5));
  const chestSum = changed(wanted, 'kept', chest - wanted.mm);
  const hollow =
    rules[body.observations.build === 'full' ? 'habit.armholeHollowFull' : 'habit.armholeHollow'];
  const panel = (which: Which) => habitPanel(frame, which, chestSum, rules, allowances, hollow);
  const front = panel('front');
  return {
    front: shortenDarts(front, rules),
    frontBlock: front,
    back: panel('back'),
    frame,
    shape: {
      chest,
      wedge: 0,
      bustOut: frame.bustWidth,
      waistShift: { front: 0, back: 0 },
      darts: { front: frame.darted, back: frame.darted, bust: hasBustDart(frame), wedge: false },
    },
    findings,
  };
}
