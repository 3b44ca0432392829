import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { Figure } from '../../drafting/draft.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
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

function levels(
  context: FigureContext,
  bodice: Bodice,
  piece: DraftedPiece,
  which: 'front' | 'back',
): Figure[] {
  const { frame, shape } = bodice;
  const bustLine = { working: plus(context.body.term('shoulderToBust')), because: 'slant of the tape' };
  const waistEnd = levelEnd(piece, 'waist');
  const waist =
    which === 'front'
      ? sum(
          plus(drawn('bust line', frame.bustPoint.y)),
          plus(context.body.term('frontWaistLength')),
          minus(context.body.term('shoulderToBust')),
        )
      : sum(plus(context.body.term('backWaistLength')));
  return [
    insideFigure(
      piece,
      'down',
      'chest-line',
      'Chest line, down',
      shape.chest,
      divided(context.body.term('armhole'), 2),
      'set so that the armhole fits',
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
    insideFigure(
      piece,
      'down',
      'waist-line',
      'Waist line, down at the centre',
      frame.waist[which],
      waist,
      'start of the tape',
    ),
    insideFigure(
      piece,
      'down',
      'waist-side',
      'Waist, down at the side',
      waistEnd.y,
      drawn('waist line', frame.waist[which]),
      'to true the side seams',
    ),
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
  if (dartId === 'bust-dart') {
    return {
      intake: sum(plus(context.body.term('frontWaistLength')), minus(context.body.term('backWaistLength'))),
      tipOut: sum(plus(span), plus(short)),
      tipDown: bustLine,
    };
  }
  const intake = sum(
    quarterOf(context, choices, 'bust', 'easeBust'),
    minus(divided(sum(plus(context.body.term('waist')), plus(choiceTerm(choices, 'easeWaist'))), 4)),
    shareTerm(which, frame.share / 2),
    minus(drawn('side nip', sideNip[which])),
  );
  return which === 'front'
    ? { intake, tipOut: span, tipDown: sum(plus(bustLine), plus(short)) }
    : {
        intake,
        tipOut: divided(drawn('back waist width', frame.waistWidth.back), 2),
        tipDown: drawn('chest line', shape.chest),
      };
}

/** Every cut dimension of a bodice piece, from the neck down. */
export function bodiceFigures(
  context: FigureContext,
  choices: ChoiceValues,
  bodice: Bodice,
  piece: DraftedPiece,
): Figure[] {
  const which = piece.piece.id === 'bodice-front' ? 'front' : 'back';
  const { share, bustPoint } = bodice.frame;
  const bustTerms = [
    quarterOf(context, choices, 'bust', 'easeBust'),
    shareTerm(which, share),
    allowanceTerm(context, 'side'),
  ];
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
      working: sum(...bustTerms),
      because: 'given back to the bust line',
    }),
    outFigure(
      piece,
      'bust',
      'Bust, out',
      sum(...bustTerms),
      which === 'front' ? 'curve of the side' : 'back dart where it crosses',
    ),
    ...(which === 'front' ? [spanFigure] : []),
    outFigure(
      piece,
      'waist',
      'Waist, out',
      sum(
        quarterOf(context, choices, 'waist', 'easeWaist'),
        shareTerm(which, share / 2),
        ...waistDartTerms(piece),
        allowanceTerm(context, 'side'),
      ),
      'curve of the waist',
    ),
    ...dartFigures(piece, (dartId) => dartWorkings(context, choices, bodice, dartId, which)),
    seamFigure(piece, 'side', 'Side seam'),
  ];
}
