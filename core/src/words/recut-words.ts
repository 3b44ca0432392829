import { garmentMeasureOf } from '../worked-out/sample-garment.ts';
import type { RecutInput, RecutLevel } from '../recut/recut-input.ts';
import { recutLengths, type RecutLength, type RecutWork } from '../recut/recut-lengths.ts';
import { recutMarks, type RecutMark } from '../recut/recut-marks.ts';
import { recutWidths, type RecutHalf, type RecutWidth } from '../recut/recut-widths.ts';
import { capital } from '../text/capital.ts';
import { formatLength, formatNumber, type LengthFormat } from '../units/format-length.ts';
import type { Unit } from '../units/length.ts';

/** To the nearest eighth, or half a millimetre: tenths of a centimetre are easier than sixteenths. */
const format: LengthFormat = { denominator: 8, decimals: 1 };

export const recutNumber = (mm: number, unit: Unit, style: LengthFormat['style'] = 'plain'): string =>
  formatNumber(mm, unit, { ...format, style });

const length = (mm: number, unit: Unit, style: LengthFormat['style'] = 'plain'): string =>
  formatLength(mm, unit, { ...format, style });

/** A change that rounds to nothing leaves the shirt as it is. */
const isNothing = (mm: number, unit: Unit): boolean =>
  recutNumber(Math.abs(mm), unit) === recutNumber(0, unit);

export const levelName: { readonly [level in RecutLevel]: string } = {
  chest: 'chest',
  waist: 'waist',
  hip: 'hip',
};

/** `take in 1⅞ in`, `let out ⅜ in`, `leave it`. */
export function takeInWords(mm: number, unit: Unit, style?: LengthFormat['style']): string {
  if (isNothing(mm, unit)) return 'leave it';
  return mm > 0 ? `take in ${length(mm, unit, style)}` : `let out ${length(-mm, unit, style)}`;
}

const down: ReadonlySet<RecutWork> = new Set([
  'sleeve',
  'frontLength',
  'backLength',
  'sideSeam',
  'cuffDepth',
] as const);

/** The same of a length, which is shortened and let down. */
export function lessWords({ work, less }: Pick<RecutLength, 'work' | 'less'>, unit: Unit, style?: LengthFormat['style']): string {
  if (!down.has(work) || isNothing(less, unit)) return takeInWords(less, unit, style);
  return less > 0 ? `shorten ${length(less, unit, style)}` : `let down ${length(-less, unit, style)}`;
} // prettier-ignore

/** What a half takes over from the other, or gives over to it; undefined where each does its own. */
export function movedWords({ face, fromOther }: RecutHalf, unit: Unit): string | undefined {
  if (isNothing(fromOther, unit)) return undefined;
  const other = face === 'front' ? 'back' : 'front';
  return fromOther > 0
    ? `${length(fromOther, unit)} of it for the ${other}, which cannot give it`
    : `${length(-fromOther, unit)} less than it wants: it cannot give more`;
}

/** What is left of a level that neither half gives or holds; undefined where nothing is. */
export function leftWords({ level, left }: RecutWidth, unit: Unit): string | undefined {
  if (isNothing(left, unit)) return undefined;
  return left > 0
    ? `${capital(levelName[level])}: ${length(2 * left, unit)} of the round stays too wide; neither half gives more.`
    : `${capital(levelName[level])}: ${length(-2 * left, unit)} of the round stays too tight; the seams hold no more.`;
}

/** More than the seams hold. */
export const beyondWords = ({ work, beyond }: RecutLength, unit: Unit): string | undefined =>
  isNothing(beyond, unit)
    ? undefined
    : `${garmentMeasureOf(work).name}: ${length(beyond, unit)} more than the seam holds; it needs cloth.`;

/** One chalk mark of a recut. */
export function recutMarkWords(
  { face, level, down: at, sewn, cut, sewnFromEdge }: RecutMark,
  unit: Unit,
): string {
  const edge = sewnFromEdge === undefined ? '' : ` (${length(sewnFromEdge, unit)} from the placket’s edge)`;
  return `${capital(face)}, ${levelName[level]}: ${length(at, unit)} below the collar band, ${length(sewn, unit)} out from the centre${edge} to sew, ${length(cut, unit)} to cut.`;
}

/** A recut as lines for a ticket or a slip of paper: what is done, what is charged apart, the marks, and what stays. */
export function recutLines(input: RecutInput, unit: Unit): string[] {
  const [widths, lengths] = [recutWidths(input), recutLengths(input)];
  const work = ({ work: id, charged, ...each }: RecutLength): string =>
    `${garmentMeasureOf(id).name}: ${lessWords({ work: id, less: each.less }, unit)}${charged === 'apart' ? ' (charged apart)' : ''}.`;
  return [
    ...widths.flatMap(({ level, halves }) =>
      Object.values(halves).map(
        (half) =>
          `${capital(half.face)}, ${levelName[level]}: ${takeInWords(half.takeIn, unit)} on each side.`,
      ),
    ),
    ...lengths.map(work),
    ...widths.flatMap((width) => leftWords(width, unit) ?? []),
    ...lengths.flatMap((each) => beyondWords(each, unit) ?? []),
    ...recutMarks(input, widths).map((mark) => recutMarkWords(mark, unit)),
  ];
}
