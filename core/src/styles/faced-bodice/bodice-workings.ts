import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { RuleId } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
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
import { type DartWorkings } from '../dart-figures.ts';
import { allowanceTerm, choiceTerm, quarterOf, type FigureContext } from '../figure-parts.ts';
import { armholeChoices, facedBodiceChoices, type FacedBodiceChosen } from './choices.ts';

/** The share that the front takes over from the back, as a term of either. */
export const shareTerm = (which: 'front' | 'back', mm: number): Term => {
  const share = drawn('front share', mm);
  return which === 'front' ? plus(share) : minus(share);
};

export const dropRule = (context: FigureContext): RuleId => {
  switch (context.body.observations.shoulders) {
    case 'square':
      return 'shoulder.dropSquare';
    case 'middle':
      return 'shoulder.drop';
    case 'sloping':
      return 'shoulder.dropSloping';
  }
};

/** A default for adults, brought to this body's size; the factor is shown to the hundredth that it has. */
export const scaled = (working: Working, scale: number): Working => {
  const factor = Math.round(scale * 100) / 100;
  return factor === 1 ? working : times(working, factor);
};

/** A waist dart takes what bust and waist widths differ by, less the side's nip; a bust dart takes the balance. */
export function dartWorkings(
  context: FigureContext,
  choices: FacedBodiceChosen,
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
      intake: sum(
        plus(context.body.term('frontWaistLength')),
        minus(context.body.term('backWaistLength')),
        plus(choiceTerm(armholeChoices.armholeTight, choices.armholeTight ?? 0)),
      ),
      tipOut: sum(plus(span), plus(short)),
      tipDown: bustLine,
    };
  }
  const habit = which === 'front' ? 'habit.waistDart' : 'habit.backDart';
  const derived = sum(
    quarterOf(context, 'bust', choices.easeBust),
    minus(
      divided(
        sum(
          plus(context.body.term('waist')),
          plus(choiceTerm(facedBodiceChoices.easeWaist, choices.easeWaist)),
        ),
        4,
      ),
    ),
    shareTerm(which, frame.share / 2),
    minus(drawn('side nip', sideNip[which])),
  );
  const intake = byHabit ? byRule(habit, context.rules[habit]) : derived;
  if (which === 'front') return { intake, tipOut: span, tipDown: sum(plus(bustLine), plus(short)) };
  const middle = divided(drawn('back waist width', frame.waistWidth.back), 2);
  return { intake, tipOut: byHabit ? span : middle, tipDown: drawn('chest line', shape.chest) };
}

/** What the chest line's depth is worked out from, by the school in force. */
export function chestLine({ body, rules }: FigureContext): Working {
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

/** What one half-piece gives of the bust round, to the cut line. */
export const bustTerms = (
  context: FigureContext,
  choices: FacedBodiceChosen,
  bodice: Bodice,
  which: 'front' | 'back',
): Term[] => [
  quarterOf(context, 'bust', choices.easeBust),
  shareTerm(which, bodice.frame.share),
  allowanceTerm(context, 'side'),
];
