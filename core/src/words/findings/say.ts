import type { FindingOf } from '../../findings/finding.ts';
import type { Remedy } from '../../findings/remedy.ts';
import type { FindingCode } from '../../findings/severity.ts';
import { measureName } from '../../measures/catalogue.ts';
import { ruleOf } from '../../rules/catalogue.ts';
import { formatLength } from '../../units/format-length.ts';
import type { Unit } from '../../units/length.ts';
import { pieceName } from '../names.ts';
import { ruleValueWords } from '../rule-words.ts';

export interface FindingWords {
  readonly message: string;
  readonly remedy: string;
}

/** A length as a finding tells it. */
export type Length = (mm: number) => string;

/** Words for a kind of finding: its message, with the remedy where that is more than the change it carries. */
export type Worded<Code extends FindingCode> = (
  finding: FindingOf<Code>,
  length: Length,
) => string | FindingWords;
export type WordedTable<Codes extends FindingCode> = { readonly [Code in Codes]: Worded<Code> };

export const lengthIn =
  (unit: Unit): Length =>
  (mm) =>
    formatLength(mm, unit, { denominator: 8, style: 'typeset' });

/** `bodice-front/waist` as `Bodice front, waist`. */
export const figureWords = (id: string): string => {
  const [piece = id, name = ''] = id.split('/');
  return `${pieceName(piece)}, ${name.replaceAll('-', ' ')}`;
};

/** `neckDepthFront` as `neck depth front`. */
const choiceWords = (choice: string): string =>
  choice.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

/** A change as a sentence. */
export const remedyWords = (remedy: Remedy, unit: Unit): string => {
  const length = lengthIn(unit);
  switch (remedy.kind) {
    case 'measure-again':
      return `Measure ${measureName(remedy.measure)} again.`;
    case 'set-measure':
      return `Was ${length(remedy.mm)} meant?`;
    case 'swap-measures':
      return `Were ${measureName(remedy.measure)} and ${measureName(remedy.with)} swapped?`;
    case 'set-choice':
      return remedy.mm === undefined
        ? `Change ${choiceWords(remedy.choice)}.`
        : `Set ${choiceWords(remedy.choice)} to ${length(remedy.mm)}.`;
    case 'set-option':
      return remedy.option === 'none'
        ? `Leave the ${choiceWords(remedy.choice)} off.`
        : `Change ${choiceWords(remedy.choice)}.`;
    case 'set-rule':
      return `Set the rule ${ruleOf(remedy.rule).label} to ${ruleValueWords(remedy.rule, remedy.value, unit)}.`;
    case 'clear-figure':
      return 'Take the figure set by hand back.';
    case 'set-figure':
      return `Set ${figureWords(remedy.figure)} to ${length(remedy.mm)}.`;
    case 'add-cloth':
      return `Add a cloth for the ${remedy.role}.`;
  }
};
