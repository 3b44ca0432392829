import { finding, type Finding } from '../findings/finding.ts';
import type { Remedy } from '../findings/remedy.ts';
import type { MeasureId } from '../measures/catalogue.ts';
import type { ClientKind, MeasureValues } from '../measures/measure-set.ts';
import { digitSlips, unitSlips, type Guess } from '../measures/slip.ts';
import { proportions, type Proportion } from './proportions.ts';

/** The ratio, over one, by which a pair lies outside its bounds; nothing when it is within, or one of the two was not taken. */
function outside({ of, to, least, most }: Proportion, values: MeasureValues): number | undefined {
  const [one, other] = [values[of], values[to]];
  if (one === undefined || other === undefined || other <= 0) return undefined;
  const ratio = one / other;
  if (ratio < least) return least / Math.max(ratio, Number.EPSILON);
  return ratio > most ? ratio / most : undefined;
}

const pairsOf = (id: MeasureId): readonly Proportion[] =>
  proportions.filter(({ of, to }) => of === id || to === id);

/** Test of a measure against all others that were taken. */
export const fits = (id: MeasureId, values: MeasureValues): boolean =>
  pairsOf(id).every((pair) => outside(pair, values) === undefined);

interface Suspect {
  readonly id: MeasureId;
  readonly broken: readonly Proportion[];
  /** Of its pairs that can be looked at, the part that is broken. */
  readonly part: number;
  /** The logarithms of the ratios by which they are broken, in all. */
  readonly by: number;
}

/** The measure that most of the broken pairs have in common: it, not its partners, was most likely taken or written wrong. */
function culprit(broken: readonly Proportion[], values: MeasureValues): Suspect | undefined {
  const ids = [...new Set(broken.flatMap(({ of, to }) => [of, to]))];
  const suspects = ids.map((id): Suspect => {
    const own = broken.filter(({ of, to }) => of === id || to === id);
    const known = pairsOf(id).filter(({ of, to }) => values[of] !== undefined && values[to] !== undefined);
    const by = own.reduce((sum, pair) => sum + Math.log(outside(pair, values) ?? 1), 0);
    return { id, broken: own, part: own.length / known.length, by };
  });
  return suspects.sort((a, b) => b.broken.length * b.part - a.broken.length * a.part || b.by - a.by)[0];
}

/** A figure that is off by less than this, as a ratio, is a body's; a half or a double is off by more. */
const OFF = { slip: 1.12, half: 1.4 };

/** Figures that may have been meant: the other unit, a decimal place, two digits, a half or a double. */
const guesses = (mm: number, off: number): readonly Guess[] => [
  ...(off < OFF.slip ? [] : [...unitSlips(mm), ...digitSlips(mm)]),
  ...(off < OFF.half ? [] : [{ slip: 'half', mm: mm * 2 } as const, { slip: 'double', mm: mm / 2 } as const]),
];

/** The guess that puts every pair of a measure right, if one does. */
function meant(id: MeasureId, mm: number, off: number, values: MeasureValues): Guess | undefined {
  return guesses(mm, off).find((guess) => fits(id, { ...values, [id]: guess.mm }));
}

function findingOf({ id, broken }: Suspect, values: MeasureValues): Finding[] {
  const mm = values[id];
  const [worst] = [...broken].sort((a, b) => (outside(b, values) ?? 0) - (outside(a, values) ?? 0));
  if (mm === undefined || !worst) return [];
  const guess = meant(id, mm, outside(worst, values) ?? 1, values);
  if (guess)
    return [
      finding(
        'measure-slip',
        { measure: id, subject: guess.slip },
        { found: mm, expected: guess.mm, remedy: { kind: 'set-measure', measure: id, mm: guess.mm } },
      ),
    ];
  const isFirst = worst.of === id;
  const other = isFirst ? worst.to : worst.of;
  const by = values[other] ?? 0;
  const [least, most] = isFirst ? [worst.least * by, worst.most * by] : [by / worst.most, by / worst.least];
  const remedy: Remedy = { kind: 'measure-again', measure: id };
  return [
    finding(
      'measures-disagree',
      { measure: id, subject: other },
      { found: mm, expected: mm < least ? least : most, remedy },
    ),
  ];
}

/** Measures of an adult that do not go with the others: one finding for each that has to be looked at, the likeliest first. */
export function proportionFindings(values: MeasureValues): Finding[] {
  const findings: Finding[] = [];
  let left: MeasureValues = values;
  for (;;) {
    const broken = proportions.filter((pair) => outside(pair, left) !== undefined);
    const suspect = culprit(broken, left);
    if (!suspect) return findings;
    findings.push(...findingOf(suspect, left));
    left = { ...left, [suspect.id]: undefined };
  }
}

/** Measures that are off their pairs by more, as a ratio, make no body, and no garment can be drawn on them; children are less like each other. */
const IMPOSSIBLE: { readonly [kind in ClientKind]: number } = { adult: 1.5, child: 2 };

/** Measures of which no body is made, of those that a garment needs: each a stop, the likeliest first. */
export function impossibleMeasures(values: MeasureValues, kind: ClientKind): Finding[] {
  const broken = proportions.filter((pair) => (outside(pair, values) ?? 1) > IMPOSSIBLE[kind]);
  const suspect = culprit(broken, values);
  if (!suspect) return [];
  const [told] = findingOf(suspect, values);
  const found = values[suspect.id] ?? 0;
  const [pair] = suspect.broken;
  const other = pair?.of === suspect.id ? pair.to : (pair?.of ?? suspect.id);
  const stop = finding(
    'measures-impossible',
    { measure: suspect.id, subject: other },
    {
      found,
      expected: told?.expected ?? found,
      remedy: told?.remedy ?? { kind: 'measure-again', measure: suspect.id },
    },
  );
  return [stop, ...impossibleMeasures({ ...values, [suspect.id]: undefined }, kind)];
}
