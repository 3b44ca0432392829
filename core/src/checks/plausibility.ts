import { finding, type Against, type Finding } from '../findings/finding.ts';
import type { Remedy } from '../findings/remedy.ts';
import type { RuleId, RuleSet } from '../rules/catalogue.ts';
import { inches } from '../units/length.ts';
import { measureIds, measureOf, type MeasureId } from '../measures/catalogue.ts';
import { deriveMeasure } from '../worked-out/derive.ts';
import type { ClientKind, MeasureValues } from '../measures/measure-set.ts';
import { fits, proportionFindings } from './proportion-findings.ts';
import { unitSlips } from '../measures/slip.ts';

/** Two inches typed are two inches, whatever the sum of their millimetres; mm. */
const ROUNDING = 0.01;

/** Rounds that are held to the house's least and most, whatever body it is. */
const bustLike: readonly MeasureId[] = ['highBust', 'bust', 'underBust', 'waist', 'lowWaist', 'highHip', 'hip', 'trouserWaist']; // prettier-ignore

/** Between which a measure usually lies on an adult, mm: by the house's rules, or as the catalogue has it. */
export function usualRange(id: MeasureId, rules: RuleSet): readonly [number, number] | undefined {
  if (bustLike.includes(id)) return [rules['check.roundLeast'], rules['check.roundMost']];
  if (id === 'waistToHip') return [rules['check.hipDepthLeast'], rules['check.hipDepthMost']];
  const { usual } = measureOf(id);
  return usual && [inches(usual[0]), inches(usual[1])];
}

function outOfRange(id: MeasureId, mm: number | undefined, rules: RuleSet): Finding | undefined {
  const usual = usualRange(id, rules);
  if (!usual || mm === undefined) return undefined;
  const [least, most] = usual;
  const isUsual = (length: number) => length >= least - ROUNDING && length <= most + ROUNDING;
  if (isUsual(mm)) return undefined;
  const guess = unitSlips(mm).find((each) => isUsual(each.mm));
  if (guess)
    return finding(
      'measure-slip',
      { measure: id, subject: guess.slip },
      { found: mm, expected: guess.mm, remedy: { kind: 'set-measure', measure: id, mm: guess.mm } },
    );
  return finding(
    'measure-out-of-range',
    { measure: id },
    { found: mm, expected: mm < least ? least : most, remedy: { kind: 'measure-again', measure: id } },
  );
}

/** The allowed difference of two measures: by rules of the house, or merely not negative. */
interface Gap {
  readonly of: MeasureId;
  readonly over: MeasureId;
  readonly least?: RuleId & `check.${string}`;
  readonly most?: RuleId & `check.${string}`;
}

/** Two measures that go together. Common practice, all of them. */
const gaps: readonly Gap[] = [
  { of: 'bust', over: 'underBust', least: 'check.cupLeast', most: 'check.cupMost' },
  { of: 'shoulderToUnderBust', over: 'shoulderToBust', least: 'check.underBustLeast', most: 'check.underBustMost' },
  { of: 'frontWaistLength', over: 'shoulderToUnderBust', least: 'check.waistLeast', most: 'check.waistMost' },
  { of: 'frontWaistLength', over: 'shoulderToBust' },
  { of: 'frontWaistLength', over: 'backWaistLength', most: 'check.frontOverBack' },
  { of: 'bust', over: 'highBust', most: 'check.bustOverHighBust' },
  { of: 'shoulder', over: 'acrossChest' },
  { of: 'upperArm', over: 'elbow' },
  { of: 'elbow', over: 'wrist' },
  { of: 'hand', over: 'wrist' },
  { of: 'waistToFloor', over: 'inseam', least: 'check.crotchLeast', most: 'check.crotchMost' },
  { of: 'waistToFloor', over: 'waistToAnkle' },
  { of: 'waistToAnkle', over: 'waistToKnee' },
  { of: 'thigh', over: 'knee' },
  { of: 'calf', over: 'ankle' },
]; // prettier-ignore

const disagree = (
  measure: MeasureId,
  subject: MeasureId | Against,
  found: number,
  expected: number,
): Finding =>
  finding(
    'measures-disagree',
    { measure, subject },
    { found, expected, remedy: { kind: 'measure-again', measure } },
  );

/** Two lengths that stand the wrong way round are most likely written in each other's place. */
const swapRemedy = ({ of, over }: Gap): Remedy => ({
  kind: 'swap-measures',
  measure: of,
  with: over,
});

function gapFinding(gap: Gap, values: MeasureValues, rules: RuleSet): Finding | undefined {
  const { of, over } = gap;
  const [larger, smaller] = [values[of], values[over]];
  if (larger === undefined || smaller === undefined) return undefined;
  const least = gap.least ? Number(rules[gap.least]) : 0;
  const most = gap.most ? Number(rules[gap.most]) : Infinity;
  const between = (difference: number) => difference >= least - ROUNDING && difference <= most + ROUNDING;
  const difference = larger - smaller;
  if (between(difference)) return undefined;
  const found = disagree(of, over, larger, smaller + (difference < least ? least : most));
  const swapped = { ...values, [of]: smaller, [over]: larger };
  const isSwap = between(-difference) && fits(of, swapped) && fits(over, swapped);
  return isSwap ? { ...found, remedy: swapRemedy(gap) } : found;
}

/** A half length is about a quarter of the height. Common practice. */
function heightFinding({ height, frontWaistLength }: MeasureValues, rules: RuleSet): Finding | undefined {
  if (
    height === undefined ||
    frontWaistLength === undefined ||
    Math.abs(frontWaistLength - height / 4) <= rules['check.halfLength'] + ROUNDING
  )
    return undefined;
  return disagree('frontWaistLength', 'quarter-of-height', frontWaistLength, height / 4);
}

/** An entered crotch depth is the outseam less the inseam. Common practice. */
function crotchFinding(values: MeasureValues, rules: RuleSet): Finding | undefined {
  const { waistToFloor, inseam, crotchDepth } = values;
  if (waistToFloor === undefined || inseam === undefined || crotchDepth === undefined) return undefined;
  const expected = waistToFloor - inseam;
  if (Math.abs(crotchDepth - expected) <= rules['check.crotch'] + ROUNDING) return undefined;
  return disagree('crotchDepth', 'outseam-less-inseam', crotchDepth, expected);
}

/** The off-shoulder round goes around both arms as well as chest and back. Common practice. */
function offShoulderFinding(values: MeasureValues): Finding | undefined {
  const { offShoulderRound, acrossChest, acrossBack } = values;
  if (offShoulderRound === undefined || acrossChest === undefined || acrossBack === undefined)
    return undefined;
  const body = acrossChest + acrossBack;
  if (offShoulderRound > body) return undefined;
  return disagree('offShoulderRound', 'chest-and-back', offShoulderRound, body);
}

/** Measures that no rule of their own holds, but that would be worked out from others when left out. */
const workedOut: readonly MeasureId[] = ['acrossChest', 'acrossBack', 'armhole'];

/** A measure that was taken wins over what it would be worked out as; far from it, it is pointed out. */
function derivedFinding(id: MeasureId, values: MeasureValues, rules: RuleSet): Finding | undefined {
  const taken = values[id];
  const working = taken === undefined ? undefined : deriveMeasure(id, values, rules);
  if (taken === undefined || !working) return undefined;
  const expected = working.mm;
  if (Math.abs(taken - expected) <= rules['check.derived'] + ROUNDING) return undefined;
  return disagree(id, 'worked-out', taken, expected);
}

/** Bust rules do not hold for children, whose chest and waist are close. */
const bustMeasures: readonly MeasureId[] = [
  'bust',
  'highBust',
  'underBust',
  'bustSpan',
  'shoulderToBust',
  'shoulderToUnderBust',
];
const aboutBust = (gap: Gap): boolean => bustMeasures.includes(gap.of) || bustMeasures.includes(gap.over);

/**
 * Measures that do not go together or lie outside the usual: each a `care` with the remedy, never a refusal.
 * Children are held to the order of their measures alone.
 */
export function checkMeasures(values: MeasureValues, kind: ClientKind, rules: RuleSet): Finding[] {
  const adult = kind === 'adult';
  const proportioned = adult ? proportionFindings(values) : [];
  const ranges = adult ? measureIds.map((id) => outOfRange(id, values[id], rules)) : [];
  const pairs = gaps.filter((gap) => adult || !aboutBust(gap)).map((gap) => gapFinding(gap, values, rules));
  const others = [
    ...ranges,
    ...pairs,
    ...(adult ? workedOut.map((id) => derivedFinding(id, values, rules)) : []),
    adult ? heightFinding(values, rules) : undefined,
    crotchFinding(values, rules),
    offShoulderFinding(values),
  ].filter((found) => found !== undefined);
  return likeliest(proportioned, others);
}

/**
 * Of what several checks find, each measure once: two that were written in each other's place, then slips of the pen, then what
 * does not go with the others. A pair that is broken by a measure that is told already says nothing new.
 */
function likeliest(proportioned: readonly Finding[], others: readonly Finding[]): Finding[] {
  const swaps = others.filter(({ remedy }) => remedy?.kind === 'swap-measures');
  const swapped = new Set(swaps.flatMap(({ where }) => [where.measure, where.subject]));
  const suspects = proportioned.filter(({ where }) => !swapped.has(where.measure));
  const culprits = new Set(suspects.map(({ where }) => where.measure));
  const slips = others.filter(({ code, where }) => code === 'measure-slip' && culprits.has(where.measure));
  const known = new Set(slips.map(({ where }) => where.measure));
  const told = [...culprits, ...swapped];
  return [
    ...swaps,
    ...slips,
    ...suspects.filter(({ where }) => !known.has(where.measure)),
    ...others.filter(
      ({ where }) => !told.includes(where.measure) && !told.includes(where.subject as MeasureId),
    ),
  ];
}

/** One slip of the pen is told once, though several checks see it: the first, which knows most, stands. */
export const oneSlipEach = (findings: readonly Finding[]): Finding[] =>
  findings.filter(
    ({ code, where }, index) =>
      code !== 'measure-slip' ||
      findings.findIndex((each) => each.code === code && each.where.measure === where.measure) === index,
  );

/** The findings that concern one measure, for the moment it is entered. */
export const findingsAbout = (findings: readonly Finding[], id: MeasureId): Finding[] =>
  findings.filter(({ where }) => where.measure === id || where.subject === id);
