import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { Figure } from '../../drafting/draft.ts';
import { endOf } from '../../geometry/curve.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import { edgeOf } from '../../pieces/piece.ts';
import type { RuleId } from '../../rules/catalogue.ts';
import {
  byRule,
  chosen,
  divided,
  drawn,
  minus,
  plus,
  sum,
  times,
  type Term,
  type Working,
} from '../../workings/working.ts';
import { inches } from '../../units/length.ts';
import type { ChoiceValues } from '../style.ts';
import { fittedDressChoices, type FittedDressChoice } from './choices.ts';
import {
  type DartWorkings,
  allowanceTerm,
  cornerFigure,
  dartFigures,
  insideFigure,
  lessAllowance,
  levelEnd,
  levelStart,
  outFigure,
  outlineOut,
  figure,
  seamFigure,
  waistDartTerms,
  type FigureContext,
} from './figures.ts';

export const choiceTerm = (choices: ChoiceValues, id: FittedDressChoice): Working =>
  chosen(fittedDressChoices[id].label.toLowerCase(), choices[id] ?? 0);

/** (round + ease) ÷ 4: what one half-piece must give of a round. */
export const quarterOf = (
  context: FigureContext,
  choices: ChoiceValues,
  round: 'bust' | 'waist' | 'hip',
  ease: 'easeBust' | 'easeWaist' | 'easeHip',
): Term => plus(divided(sum(plus(context.body.term(round)), plus(chosen('ease', choices[ease] ?? 0))), 4));

/** The share that the front takes over from the back, as a term of either. */
const shareTerm = (which: 'front' | 'back', mm: number): Term => {
  const share = drawn('front share', mm);
  return which === 'front' ? plus(share) : minus(share);
};

const dropRule = (context: FigureContext): RuleId => {
  switch (context.body.observations.shoulders) {
    case 'square':
      return 'shoulder.dropSquare';
    case 'middle':
      return 'shoulder.drop';
    case 'sloping':
      return 'shoulder.dropSloping';
  }
};

function neckAndShoulder(
  context: FigureContext,
  choices: ChoiceValues,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure[] {
  const { frame } = bodice;
  const depth = which === 'front' ? 'neckDepthFront' : 'neckDepthBack';
  const unscaledDrop = frame.tip.y / frame.scale;
  return [
    cornerFigure(
      piece,
      'neck',
      'out',
      'neck-width',
      'Neck, out',
      sum(plus(choiceTerm(choices, 'neckWidth')), lessAllowance(context, 'neck')),
    ),
    cornerFigure(
      piece,
      `centre-${which}`,
      'down',
      'neck-depth',
      'Neck, down at the centre',
      sum(plus(choiceTerm(choices, depth)), lessAllowance(context, 'neck')),
    ),
    cornerFigure(
      piece,
      'shoulder',
      'out',
      'shoulder',
      'Shoulder, out',
      sum(plus(divided(context.body.term('shoulder'), 2)), allowanceTerm(context, 'armhole')),
    ),
    cornerFigure(
      piece,
      'shoulder',
      'down',
      'shoulder-drop',
      'Shoulder, drop',
      sum(
        plus(scaled(byRule(dropRule(context), unscaledDrop), frame.scale)),
        lessAllowance(context, 'shoulder'),
      ),
    ),
    seamFigure(piece, 'shoulder', 'Shoulder seam'),
  ];
}

/** A default for adults, brought to this body's size; the factor is shown to the hundredth that it has. */
const scaled = (working: Working, scale: number): Working => {
  const factor = Math.round(scale * 100) / 100;
  return factor === 1 ? working : times(working, factor);
};

/** The waist line at the centre and where it meets the side. */
function waistDowns(
  context: FigureContext,
  { frame }: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure[] {
  const waistEnd = levelEnd(piece, 'waist');
  const above = frame.waist[which] - levelStart(piece, 'waist').y;
  const facing = piece.piece.role === 'lining' ? [minus(drawn('facing above', above))] : [];
  const waist =
    which === 'front'
      ? sum(
          plus(drawn('bust line', frame.bustPoint.y)),
          plus(context.body.term('frontWaistLength')),
          minus(context.body.term('shoulderToBust')),
          ...facing,
        )
      : sum(plus(context.body.term('backWaistLength')), ...facing);
  return [
    insideFigure(
      piece,
      'down',
      'waist-line',
      'Waist line, down at the centre',
      levelStart(piece, 'waist').y,
      waist,
      'start of the tape',
      { at: levelStart(piece, 'waist'), axis: 'y' },
    ),
    insideFigure(
      piece,
      'down',
      'waist-side',
      'Waist, down at the side',
      waistEnd.y,
      drawn('waist line', levelStart(piece, 'waist').y),
      'to true the side seams',
      { at: waistEnd, axis: 'y' },
    ),
  ];
}

function levels(
  context: FigureContext,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure[] {
  const { frame, shape } = bodice;
  const bustLine = { working: plus(context.body.term('shoulderToBust')), because: 'slant of the tape' };
  return [
    insideFigure(
      piece,
      'down',
      'chest-line',
      'Chest line, down',
      shape.chest,
      chestLine(context),
      context.rules['school.block'] === 'solved' ? 'set so that the armhole fits' : 'to the nearest half',
    ),
    insideFigure(
      piece,
      'down',
      'bust-line',
      'Bust line, down',
      frame.bustPoint.y,
      sum(bustLine.working),
      bustLine.because,
    ),
    ...waistDowns(context, bodice, piece, which),
  ];
}

/** A waist dart takes what bust and waist widths differ by, less the side's nip; a bust dart takes the balance. */
function dartWorkings(
  context: FigureContext,
  choices: ChoiceValues,
  bodice: Bodice,
  dartId: string,
  which: 'front' | 'back',
): DartWorkings {
  const { frame, shape, sideNip } = bodice;
  const short = byRule('dart.tipShort', context.rules['dart.tipShort']);
  const bustLine = drawn('bust line', frame.bustPoint.y);
  const span = divided(context.body.term('bustSpan'), 2);
  const byHabit = context.rules['school.block'] === 'table';
  if (dartId === 'bust-dart') {
    return {
      intake: sum(plus(context.body.term('frontWaistLength')), minus(context.body.term('backWaistLength'))),
      tipOut: sum(plus(span), plus(short)),
      tipDown: bustLine,
    };
  }
  const habit = which === 'front' ? 'habit.waistDart' : 'habit.backDart';
  const derived = sum(
    quarterOf(context, choices, 'bust', 'easeBust'),
    minus(divided(sum(plus(context.body.term('waist')), plus(choiceTerm(choices, 'easeWaist'))), 4)),
    shareTerm(which, frame.share / 2),
    minus(drawn('side nip', sideNip[which])),
  );
  const intake = byHabit ? byRule(habit, context.rules[habit]) : derived;
  if (which === 'front') return { intake, tipOut: span, tipDown: sum(plus(bustLine), plus(short)) };
  const middle = divided(drawn('back waist width', frame.waistWidth.back), 2);
  return { intake, tipOut: byHabit ? span : middle, tipDown: drawn('chest line', shape.chest) };
}

/** What the chest line's depth is worked out from, by the school in force. */
function chestLine({ body, rules }: FigureContext): Working {
  const method = rules['school.block'] === 'solved' ? 'half-armhole' : rules['school.chestLine'];
  switch (method) {
    case 'half-armhole':
      return divided(body.term('armhole'), 2);
    case 'bust-sixth':
      return sum(plus(divided(body.term('bust'), 6)), plus(chosen('more', inches(1.5))));
    case 'fixed':
      return byRule('chestLine.fixed', rules['chestLine.fixed']);
  }
}

/** Where the lining begins below its facing, and from there on the same as the bodice. */
export function liningBodiceFigures(
  context: FigureContext,
  choices: ChoiceValues,
  bodice: Bodice,
  piece: DraftedPiece,
): Figure[] {
  const which = whichOf(piece);
  const inner = edgeOf(piece.piece, 'inner').path;
  const side = endOf(inner);
  const above = bodice.frame.waist[which] - levelStart(piece, 'waist').y;
  const hasBust = piece.piece.levels.some(({ name }) => name === 'bust');
  return [
    insideFigure(
      piece,
      'down',
      'inner-side',
      'Edge to the facing, down at the side',
      side.y,
      drawn('facing as drawn', side.y),
      'as drawn',
      { at: side, axis: 'y' },
    ),
    ...waistDowns(context, bodice, piece, which),
    ...(hasBust ? [bustFigure(context, choices, bodice, piece, which)] : []),
    waistFigure(context, choices, bodice, piece, which),
    ...dartFigures(piece, (dartId) => {
      const workings = dartWorkings(context, choices, bodice, dartId, which);
      return { ...workings, tipDown: sum(plus(workings.tipDown), minus(drawn('facing above', above))) };
    }),
    seamFigure(piece, 'side', 'Side seam'),
  ];
}

const whichOf = ({ piece }: DraftedPiece): 'front' | 'back' =>
  piece.id.endsWith('front') ? 'front' : 'back';

const bustTerms = (
  context: FigureContext,
  choices: ChoiceValues,
  bodice: Bodice,
  which: 'front' | 'back',
): Term[] => [
  quarterOf(context, choices, 'bust', 'easeBust'),
  shareTerm(which, bodice.frame.share),
  allowanceTerm(context, 'side'),
];

const bustFigure = (
  context: FigureContext,
  choices: ChoiceValues,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure =>
  outFigure(
    piece,
    'bust',
    'Bust, out',
    sum(...bustTerms(context, choices, bodice, which)),
    which === 'front' || context.rules['school.block'] === 'table'
      ? 'curve of the side'
      : 'back dart where it crosses',
  );

const waistFigure = (
  context: FigureContext,
  choices: ChoiceValues,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure =>
  outFigure(
    piece,
    'waist',
    'Waist, out',
    sum(
      quarterOf(context, choices, 'waist', 'easeWaist'),
      shareTerm(which, bodice.frame.share / 2),
      ...waistDartTerms(piece),
      allowanceTerm(context, 'side'),
    ),
    'curve of the waist',
  );

/** Every cut dimension of a bodice piece, from the neck down. */
export function bodiceFigures(
  context: FigureContext,
  choices: ChoiceValues,
  bodice: Bodice,
  piece: DraftedPiece,
): Figure[] {
  const which = whichOf(piece);
  const { bustPoint } = bodice.frame;
  const underarm = levelEnd(piece, 'chest');
  const spanFigure = insideFigure(
    piece,
    'out',
    'bust-point',
    'Bust point, out',
    bustPoint.x,
    divided(context.body.term('bustSpan'), 2),
    'as drawn',
  );
  return [
    ...neckAndShoulder(context, choices, bodice, piece, which),
    ...levels(context, bodice, piece, which),
    figure(piece, {
      name: 'underarm',
      label: 'Underarm, out',
      kind: 'out',
      mm: outlineOut(piece, underarm),
      stitch: underarm.x,
      working: sum(...bustTerms(context, choices, bodice, which)),
      because: 'given back to the bust line',
      moves: { at: underarm, axis: 'x' },
    }),
    bustFigure(context, choices, bodice, piece, which),
    ...(which === 'front' ? [spanFigure] : []),
    waistFigure(context, choices, bodice, piece, which),
    ...dartFigures(piece, (dartId) => dartWorkings(context, choices, bodice, dartId, which)),
    seamFigure(piece, 'side', 'Side seam'),
  ];
}
