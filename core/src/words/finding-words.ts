import type { Finding } from '../findings/finding.ts';
import type { FindingCode } from '../findings/severity.ts';
import type { Unit } from '../units/length.ts';
import { clothFindings } from './findings/cloth-findings.ts';
import { draftFindings } from './findings/draft-findings.ts';
import { measureFindings } from './findings/measure-findings.ts';
import { lengthIn, remedyWords, type FindingWords, type Length, type WordedTable } from './findings/say.ts';
import { slateFindings } from './findings/slate-findings.ts';

/** Every kind of finding with its words. */
const worded: WordedTable<FindingCode> = {
  ...measureFindings,
  ...draftFindings,
  ...clothFindings,
  ...slateFindings,
};

/** The changes that a finding offers, as sentences. */
function offered({ remedy, orElse }: Finding, unit: Unit): string {
  const first = remedy ? remedyWords(remedy, unit) : '';
  if (!orElse) return first;
  const second = remedyWords(orElse, unit);
  return `${first} Or ${second.charAt(0).toLowerCase()}${second.slice(1)}`;
}

/** Words of a finding, as a colleague would say them: the fault, its size, and the change that clears it. */
export function findingWords(finding: Finding, unit: Unit): FindingWords {
  // The table pairs each code with the words for its own payload, which the types of a lookup by code cannot follow.
  const say = worded[finding.code] as (finding: Finding, length: Length) => string | FindingWords;
  const said = say(finding, lengthIn(unit));
  return typeof said === 'string' ? { message: said, remedy: offered(finding, unit) } : said;
}
