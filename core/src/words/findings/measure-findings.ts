import type { Against } from '../../findings/finding.ts';
import { measureName, measureOf, type MeasureId } from '../../measures/catalogue.ts';
import type { Slip } from '../../measures/slip.ts';
import type { WordedTable } from './say.ts';

/** Words for a slip of a pen, after the figure that it left. */
const slipWords: { readonly [slip in Slip]: string } = {
  'cm-as-inches': 'looks like centimetres written as inches',
  'inches-as-cm': 'looks like inches written as centimetres',
  'ten-times': 'looks ten times too large',
  tenth: 'looks ten times too small',
  'swapped-digits': 'looks as if two digits changed places',
  half: 'looks as if a half was written for the whole',
  double: 'looks as if a half was doubled once too often',
};

const againstWords: { readonly [against in Against]: string } = {
  'chest-and-back': 'chest and back together',
  'quarter-of-height': 'a quarter of the height',
  'outseam-less-inseam': 'the outseam less the inseam',
  'worked-out': 'what it is worked out as from the others',
};

const isAgainst = (subject: MeasureId | Against): subject is Against => Object.hasOwn(againstWords, subject);

/** A measure's name as a sentence begins. */
const named = (id: MeasureId): string => measureOf(id).names[0];

/** Findings about the measures of a person. */
export const measureFindings: WordedTable<
  | 'measure-derived'
  | 'measure-out-of-range'
  | 'measures-disagree'
  | 'measure-changed'
  | 'measure-slip'
  | 'measures-impossible'
  | 'child-neck-cord'
  | 'not-for-children'
  | 'child-burns-fast'
  | 'child-small-parts'
> = {
  'measure-derived': ({ where, found }, length) => ({
    message: `${named(where.measure)} was not measured; worked out as ${length(found)}.`,
    remedy: `Measure ${measureName(where.measure)} to be sure.`,
  }),
  'measure-out-of-range': ({ where, found, expected }, length) =>
    `${named(where.measure)} ${length(found)} is unusual; people are ${found < expected ? 'seldom under' : 'seldom over'} ${length(expected)}.`,
  'measures-disagree': ({ where: { measure, subject }, found, expected }, length) =>
    `${named(measure)} ${length(found)} does not go with ${isAgainst(subject) ? againstWords[subject] : measureName(subject)}; expected about ${length(expected)}.`,
  'measure-changed': ({ where, found, expected }, length) =>
    `${named(where.measure)} changed by ${length(Math.abs(found - expected))} since the last set, which is not long ago.`,
  'measure-slip': ({ where, found }, length) =>
    `${named(where.measure)} ${length(found)} ${slipWords[where.subject]}.`,
  'measures-impossible': ({ where, found }, length) =>
    `${named(where.measure)} ${length(found)} and ${measureName(where.subject)} belong to no body: nothing is drawn until one of them is mended.`,
  'not-for-children': () => ({
    message:
      'A garment that is held by the bust, or off the shoulders, is not made for a child: its edge has nothing to stay up by.',
    remedy: 'Take a bodice with shoulders.',
  }),
  'child-neck-cord': () => ({
    message:
      'Children’s wear has no cord or tie at the neck: EN 14682 and local rules decide, the shop checks them.',
    remedy: 'Choose another style, or fix short straps in place of the ties.',
  }),
  'child-burns-fast': () => ({
    message:
      'Net and loose flares catch fire easily and burn fast: local rules say what children’s wear may be made of, the shop checks them.',
    remedy:
      'Take net that is finished against flame, line it next to the skin, and say to keep it from flame.',
  }),
  'child-small-parts': () => ({
    message:
      'Buttons and the like are swallowed by small children: local rules say how fast they must hold, the shop checks them.',
    remedy: 'Sew each on through all layers and pull at it, or take a closure without small parts.',
  }),
};
