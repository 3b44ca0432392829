import type { Finding, Remedy } from '../checks/finding.ts';
import { measureName, measureOf } from '../measures/catalogue.ts';
import { formatLength } from '../units/format-length.ts';
import type { Unit } from '../units/length.ts';
import { ruleOf } from '../rules/catalogue.ts';
import { capital } from './capital.ts';
import { foldFindingWords } from './fold-finding-words.ts';
import { pieceName } from './names.ts';
import { ruleValueWords } from './rule-words.ts';

export interface FindingWords {
  readonly message: string;
  readonly remedy: string;
}

const remedyWords = (remedy: Remedy | undefined, unit: Unit, length: (mm: number) => string): string => {
  switch (remedy?.kind) {
    case undefined:
      return '';
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

/** How a pen slips, after the figure that it left. */
const slipWords: { readonly [slip: string]: string } = {
  'cm-as-inches': 'looks like centimetres written as inches',
  'inches-as-cm': 'looks like inches written as centimetres',
  'ten-times': 'looks ten times too large',
  tenth: 'looks ten times too small',
  'swapped-digits': 'looks as if two digits changed places',
};

/** `bodice-front/waist` as `Bodice front, waist`. */
export const figureWords = (id = ''): string => {
  const [piece, name] = id.split('/');
  return `${pieceName(piece ?? '')}, ${(name ?? '').replaceAll('-', ' ')}`;
};

/** `neckDepthFront` as `neck depth front`. */
const choiceWords = (choice: string): string =>
  choice.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

/** What a finding says, as a colleague would: what is wrong, by how much, and what to change. */
export function findingWords(finding: Finding, unit: Unit): FindingWords {
  const length = (mm: number | undefined) =>
    formatLength(mm ?? 0, unit, { denominator: 8, style: 'typeset' });
  const { code, where, found, expected } = finding;
  const measure = where.measure ? measureName(where.measure) : '';
  const Measure = where.measure ? measureOf(where.measure).names[0] : '';
  const piece = where.piece ? pieceName(where.piece) : '';
  const by = length(Math.abs((found ?? 0) - (expected ?? 0)));
  const [first, second] = [finding.remedy, finding.orElse].map((each) => remedyWords(each, unit, length));
  const remedy = second
    ? `${first ?? ''} Or ${second.charAt(0).toLowerCase()}${second.slice(1)}`
    : (first ?? '');
  switch (code) {
    case 'measure-derived':
      return {
        message: `${Measure} was not measured; worked out as ${length(found)}.`,
        remedy: `Measure ${measure} to be sure.`,
      };
    case 'measure-out-of-range':
      return {
        message: `${Measure} ${length(found)} is unusual; people are ${(found ?? 0) < (expected ?? 0) ? 'seldom under' : 'seldom over'} ${length(expected)}.`,
        remedy,
      };
    case 'measures-disagree':
      return {
        message: `${Measure} ${length(found)} does not go with ${where.subject ?? 'the others'}; expected about ${length(expected)}.`,
        remedy,
      };
    case 'shoulder-length-differs':
      return {
        message: `The shoulder comes out ${length(found)}, but one shoulder was measured ${length(expected)}.`,
        remedy,
      };
    case 'neck-narrower-than-base':
      return {
        message: `The neck is chosen ${length(found)} wide; the neck base lies at ${length(expected)}, and the draft uses that.`,
        remedy,
      };
    case 'neck-wider-than-shoulder':
      return {
        message: `The neck is chosen ${length(found)} wide; past ${length(expected)} too little shoulder is left to sew.`,
        remedy,
      };
    case 'neck-deep':
      return {
        message: `The neck reaches ${length(found)} down; lower than ${length(expected)} shows more than most clients expect.`,
        remedy,
      };
    case 'armhole-off-measure':
      return {
        message: `The armhole comes out ${length(found)}; measured with ease it should be ${length(expected)}.`,
        remedy,
      };
    case 'front-shorter-than-back':
      return {
        message: `The front waist lies ${by} above the back's. Fronts are usually as long or longer.`,
        remedy,
      };
    case 'front-rides-up':
      return {
        message: `Without a bust dart the front is cut ${by} shorter than it was measured, and rides up over the bust.`,
        remedy,
      };
    case 'bust-dart-unsolved':
      return {
        message: `Front and back side differ by ${length(found)} and no bust dart makes up for it.`,
        remedy,
      };
    case 'armhole-not-tightened':
      return {
        message: `The armhole cannot be made ${length(found)} tighter: there is no bust dart for the wedge to go into.`,
        remedy,
      };
    case 'dart-past-side':
      return {
        message: `${piece}: the ${(where.subject ?? 'dart').replace(/-\d$/, '').replaceAll('-', ' ')} ends ${length(found)} out, past the edge at ${length(expected)}.`,
        remedy,
      };
    case 'bust-dart-large':
      return {
        message: `The bust dart takes ${length(found)}; over ${length(expected)} it stands up in a point.`,
        remedy,
      };
    case 'waist-unsolved':
      return { message: `${piece}: the waist misses its width by ${length(found)}.`, remedy };
    case 'under-bust-off':
      return {
        message: `Under the bust the garment comes out ${length(found)} round; ${length(expected)} is wanted. One seam shapes no more there.`,
        remedy,
      };
    case 'under-bust-not-shaped':
      return {
        message: 'The bust line falls so low at the side that nothing is shaped under the bust.',
        remedy,
      };
    case 'dart-left-out':
      return {
        message: `${piece}: only ${length(found)} to take in, too little for a ${where.subject ?? 'dart'}; the side takes it.`,
        remedy,
      };
    case 'arm-share-small':
      return {
        message: `Off the shoulders, ${length(found)} of the round are left for each arm; an arm needs ${length(expected)} or more.`,
        remedy,
      };
    case 'band-too-deep':
      return {
        message: `${piece}: ${length(found)} deep, but the armhole under the top edge leaves only ${length(expected)} to sew it to.`,
        remedy,
      };
    case 'child-neck-cord':
      return {
        message:
          'Children’s wear has no cord or tie at the neck: EN 14682 and local rules decide, the shop checks them.',
        remedy: 'Choose another style, or fix short straps in place of the ties.',
      };
    case 'hem-above-tip':
      return {
        message: `Cut off ${length(found)} above the waist the hem would meet the darts; it is drawn ${length(expected)} above.`,
        remedy,
      };
    case 'back-open-below-hem':
      return {
        message: `The back is open ${length(found)} down; it has no cloth left above the hem. ${length(expected)} is the most there is.`,
        remedy,
      };
    case 'top-too-low':
      return {
        message: `${piece}: the top edge is set to ${length(found)}, at or under the bust line; ${length(expected)} is the most there is.`,
        remedy,
      };
    case 'edge-covers-little':
      return {
        message: `${piece}: the top edge stands ${length(found)} above the bust line; under ${length(expected)} shows more than most clients expect.`,
        remedy,
      };
    case 'waist-dart-large':
      return {
        message: `${piece}: a waist dart takes ${length(found)}; over ${length(expected)} it stands up in a point.`,
        remedy: remedy || 'Add ease at the waist.',
      };
    case 'length-above-hip':
      return {
        message: `The skirt is ${length(found)} from the waist; it must pass the hip, at least ${length(expected)}.`,
        remedy: 'Make it longer.',
      };
    case 'hem-needs-hip':
      return {
        message: 'Below the waist the hem needs the hip, which was not measured; drawn to the waist.',
        remedy,
      };
    case 'hem-below-stride':
      return {
        message: `The hem is ${length(found)} round; a stride needs about ${length(expected)}.`,
        remedy: remedy || 'Peg less, or shorten.',
      };
    case 'outline-crosses-itself':
      return {
        message: `${piece}: the outline crosses itself. Some measures contradict each other.`,
        remedy,
      };
    case 'cut-later':
      return {
        message: `${capital(where.subject ?? '')} left for later, with a reserve of ${length(found)}: cut once the panels are joined.`,
        remedy,
      };
    case 'seam-differs':
      return {
        message: `Seam ${where.subject ?? ''}: the two sides differ by ${by}.`,
        remedy,
      };
    case 'round-differs':
      return {
        message: `Finished ${where.subject ?? measure} is ${length(found)}; wanted ${length(expected)}.`,
        remedy: remedy,
      };
    case 'measure-changed':
      return {
        message: `${Measure} changed by ${by} since the last set, which is not long ago.`,
        remedy,
      };
    case 'measure-slip':
      return {
        message: `${Measure} ${length(found)} ${slipWords[where.subject ?? ''] ?? 'looks like a slip of the pen'}.`,
        remedy,
      };
    case 'habit-misses':
      return {
        message: `${capital(where.subject ?? 'the habit')} gives ${length(found)} where ${length(expected)} is meant: it misses by ${by}.`,
        remedy: remedy || `Use ${length(expected)}.`,
      };
    case 'schools-differ':
      return {
        message: `By ${where.subject ?? 'another school'} it would be ${length(expected)}; this is ${length(found)}.`,
        remedy: remedy || 'Use the one that the shop drafts by.',
      };
    case 'seam-too-narrow':
      return {
        message: `Letting out by ${length(expected)} wants more than the seam holds, ${length(found)}.`,
        remedy: remedy || 'Piece it, or leave it as it is.',
      };
    case 'cloth-missing':
      return {
        message: `The ${where.subject ?? 'outer'} has no cloth yet; it is not planned.`,
        remedy,
      };
    case 'cloth-too-narrow':
      return {
        message: `The widest piece needs ${length(expected)} across; this cloth lies ${length(found)} wide so.`,
        remedy: 'Lay it open, or take a wider cloth.',
      };
    case 'nap-forbids-fold':
    case 'flaw-forbids-fold':
    case 'panel-not-kept':
    case 'places-forbid-refolding':
    case 'fold-off-figure':
    case 'nothing-to-refold':
    case 'pinned-above-unlaid':
    case 'pinned-above-refolded':
    case 'pinned-otherwise-folded':
    case 'pinned-too-wide':
    case 'beneath-too-narrow':
    case 'piece-without-section':
    case 'section-without-piece':
    case 'fold-cuts-too-many':
      return foldFindingWords(code, where);
    case 'flare-in-parts':
      return {
        message: `${piece} is cut in ${found ?? 0} equal parts, joined ${where.subject ?? ''} from centre front on either side.`,
        remedy: 'Lay it on wider cloth for fewer joins.',
      };
    case 'cloth-too-short':
      return {
        message: `The lay needs ${length(found)}; there is ${length(expected)}, so it is ${by} short.`,
        remedy: 'Take more cloth, a wider one, or lay it another way.',
      };
    case 'facing-meets-dart':
      return {
        message: `${piece}: a dart reaches up into the facing.`,
        remedy: 'Cut the neck less deep, or make the facing narrower in the house rules.',
      };
    case 'zip-too-short':
      return {
        message: `Below the zip the dress stays ${length(found)} round; it must pass ${length(expected)}.`,
        remedy,
      };
    case 'opening-too-small':
      return {
        message: `The ${where.subject ?? 'opening'} is ${length(found)} round; ${measure} is ${length(expected)} and does not pass.`,
        remedy,
      };
    case 'figure-unreachable':
      return {
        message: `${figureWords(where.figure)} cannot be set to ${length(found)}; computed it is ${length(expected)}.`,
        remedy,
      };
    case 'figure-not-a-point':
      return {
        message: `${figureWords(where.figure)} follows from other figures and cannot be set by itself.`,
        remedy,
      };
    case 'figure-unknown':
      return { message: `This draft has no figure ${where.figure ?? ''}; it was set by hand.`, remedy };
  }
}
