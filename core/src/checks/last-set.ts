import { finding, type Finding } from '../findings/finding.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import { inches } from '../units/length.ts';
import { measureOf, type MeasureId } from '../measures/catalogue.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import { digitSlips, unitSlips, type Guess } from '../measures/slip.ts';

/** The set that was taken before this one, and how many days lie between. */
export interface LastSet {
  readonly values: MeasureValues;
  readonly daysAgo: number;
}

/** Two inches typed are two inches, whatever the sum of their millimetres; mm. */
const ROUNDING = 0.01;

/** A slip is looked for only where the figure lies further off than a body goes in a season, mm. */
const FAR_OFF = inches(3);
/** A mended slip must come this near to the last set: an inch, or a twentieth of it. */
const nearTo = (mm: number, last: number): boolean => Math.abs(mm - last) <= Math.max(inches(1), last / 20);

/** The meant value of a figure that looks like a slip of the pen, from the last set's. */
const meant = (mm: number, last: number): Guess | undefined =>
  [...unitSlips(mm), ...digitSlips(mm)].find((guess) => nearTo(guess.mm, last));

type ChangeRules = Pick<RuleSet, 'check.roundChange' | 'check.changeDays'>;

function againstLast(
  id: MeasureId,
  mm: number,
  last: number,
  daysAgo: number,
  rules: ChangeRules,
): Finding | undefined {
  const change = Math.abs(mm - last);
  const guess = change > FAR_OFF ? meant(mm, last) : undefined;
  if (guess)
    return finding(
      'measure-slip',
      { measure: id, subject: guess.slip },
      { found: mm, expected: guess.mm, remedy: { kind: 'set-measure', measure: id, mm: guess.mm } },
    );
  const soon = daysAgo <= rules['check.changeDays'];
  if (measureOf(id).kind !== 'round' || !soon || change <= rules['check.roundChange'] + ROUNDING)
    return undefined;
  return finding(
    'measure-changed',
    { measure: id },
    { found: mm, expected: last, remedy: { kind: 'measure-again', measure: id } },
  );
}

/** Findings of a set against the last one of the same person: slips of the pen, and rounds that changed too fast. */
export const checkAgainstLast = (
  values: MeasureValues,
  last: LastSet | undefined,
  rules: ChangeRules,
): Finding[] =>
  last === undefined
    ? []
    : (Object.keys(values) as MeasureId[]).flatMap((id) => {
        const [mm, before] = [values[id], last.values[id]];
        const found =
          mm === undefined || before === undefined
            ? undefined
            : againstLast(id, mm, before, last.daysAgo, rules);
        return found ? [found] : [];
      });
