import { finding, type Finding } from '../checks/finding.ts';
import { inches } from '../units/length.ts';
import { measureName, measureOf, type MeasureId } from './catalogue.ts';
import type { MeasureValues } from './measure-set.ts';

export type ClientKind = 'adult' | 'child';

/** Between these, in inches, an adult's measures usually lie. Common practice; wide on purpose. */
// prettier-ignore
const usualInches: { readonly [id in MeasureId]?: readonly [number, number] } = {
  height: [54, 78], shoulder: [12, 20], shoulderLength: [3.5, 6.5], acrossChest: [10, 18], acrossBack: [11, 19], bustSpan: [5.5, 12],
  shoulderToBust: [8, 15], shoulderToUnderBust: [10.5, 19], frontWaistLength: [13, 24], backWaistLength: [13, 21], neck: [11, 22],
  highBust: [14, 80], bust: [14, 80], underBust: [14, 80], waist: [14, 80], hip: [14, 80], highHip: [14, 80],
  waistToHip: [7, 11], waistToKnee: [19, 28], waistToFloor: [34, 50], armhole: [12, 28], upperArm: [8, 24],
};

/** Hard bounds of any measure: outside them a figure is a slip of the pen. */
export const MEASURE_BOUNDS = { least: inches(0.25), most: inches(120) };

const again = (measure: MeasureId) => ({ kind: 'measure-again', measure }) as const;

function outOfRange(id: MeasureId, mm: number): Finding | undefined {
  const usual = usualInches[id];
  if (!usual) return undefined;
  const [least, most] = [inches(usual[0]), inches(usual[1])];
  if (mm >= least && mm <= most) return undefined;
  return finding(
    'measure-out-of-range',
    { measure: id },
    { found: mm, expected: mm < least ? least : most, remedy: again(id) },
  );
}

/** How far `of` may stand over `over`, in inches. */
interface Gap {
  readonly of: MeasureId;
  readonly over: MeasureId;
  readonly least: number;
  readonly most: number;
}

/** Common practice, all of them: two measures that go together, and by how much. */
const gaps: readonly Gap[] = [
  { of: 'bust', over: 'underBust', least: 1.5, most: 9 },
  { of: 'shoulderToUnderBust', over: 'shoulderToBust', least: 2.5, most: 4.5 },
  { of: 'frontWaistLength', over: 'shoulderToUnderBust', least: 2, most: 5 },
  { of: 'frontWaistLength', over: 'shoulderToBust', least: 3, most: 12 },
  { of: 'frontWaistLength', over: 'backWaistLength', least: 0, most: 3 },
  { of: 'bust', over: 'highBust', least: 0, most: 8 },
  { of: 'shoulder', over: 'acrossChest', least: 0, most: 5 },
  { of: 'upperArm', over: 'elbow', least: 0, most: 12 },
  { of: 'elbow', over: 'wrist', least: 0, most: 12 },
  { of: 'hand', over: 'wrist', least: 0, most: 6 },
  { of: 'waistToFloor', over: 'inseam', least: 7, most: 16 },
];

function gapFinding({ of, over, least, most }: Gap, values: MeasureValues): Finding | undefined {
  const [larger, smaller] = [values[of], values[over]];
  if (larger === undefined || smaller === undefined) return undefined;
  const gap = larger - smaller;
  if (gap >= inches(least) - 0.01 && gap <= inches(most) + 0.01) return undefined;
  const expected = smaller + inches(gap < inches(least) ? least : most);
  return finding(
    'measures-disagree',
    { measure: of, subject: measureName(over) },
    { found: larger, expected, remedy: again(of) },
  );
}

/** A half length is about a quarter of the height, within 1½ in. Common practice. */
function heightFinding({ height, frontWaistLength }: MeasureValues): Finding | undefined {
  if (
    height === undefined ||
    frontWaistLength === undefined ||
    Math.abs(frontWaistLength - height / 4) <= inches(1.5)
  )
    return undefined;
  return finding(
    'measures-disagree',
    { measure: 'frontWaistLength', subject: 'a quarter of the height' },
    { found: frontWaistLength, expected: height / 4, remedy: again('frontWaistLength') },
  );
}

/** An entered crotch depth is the outseam less the inseam, within ½ in. Common practice. */
function crotchFinding({ waistToFloor, inseam, crotchDepth }: MeasureValues): Finding | undefined {
  if (waistToFloor === undefined || inseam === undefined || crotchDepth === undefined) return undefined;
  const expected = waistToFloor - inseam;
  if (Math.abs(crotchDepth - expected) <= inches(0.5) + 0.01) return undefined;
  return finding(
    'measures-disagree',
    { measure: 'crotchDepth', subject: 'the outseam less the inseam' },
    { found: crotchDepth, expected, remedy: again('crotchDepth') },
  );
}

/** The off-shoulder round goes around both arms as well as chest and back. Common practice. */
function offShoulderFinding({
  offShoulderRound,
  acrossChest,
  acrossBack,
}: MeasureValues): Finding | undefined {
  if (offShoulderRound === undefined || acrossChest === undefined || acrossBack === undefined)
    return undefined;
  const body = acrossChest + acrossBack;
  if (offShoulderRound > body) return undefined;
  return finding(
    'measures-disagree',
    { measure: 'offShoulderRound', subject: 'chest and back together' },
    { found: offShoulderRound, expected: body, remedy: again('offShoulderRound') },
  );
}

/** Bust rules do not hold for children, whose chest and waist are close. */
const aboutBust = (gap: Gap): boolean => [gap.of, gap.over].some((id) => /[bB]ust/.test(id));

/**
 * Measures that do not go together or lie outside the usual: each a `care` with the remedy, never a refusal.
 * Children are held to the order of their measures alone.
 */
export function checkMeasures(values: MeasureValues, kind: ClientKind): Finding[] {
  const ranges =
    kind === 'child' ? [] : (Object.keys(values) as MeasureId[]).map((id) => outOfRange(id, values[id] ?? 0));
  const pairs = gaps
    .filter((gap) => kind === 'adult' || !aboutBust(gap))
    .map((gap) => gapFinding(gap, values));
  return [
    ...ranges,
    ...pairs,
    kind === 'adult' ? heightFinding(values) : undefined,
    crotchFinding(values),
    offShoulderFinding(values),
  ].filter((found) => found !== undefined);
}

/** The finding that concerns one measure, for the moment it is entered. */
export const findingsAbout = (findings: readonly Finding[], id: MeasureId): Finding[] =>
  findings.filter(({ where }) => where.measure === id || where.subject === measureName(id));

/** The range that is pointed out when it is left, as a pair of mm, where the trade has one. */
export const usualRange = (id: MeasureId): readonly [number, number] | undefined => {
  const usual = usualInches[id];
  return usual && measureOf(id) ? [inches(usual[0]), inches(usual[1])] : undefined;
};
