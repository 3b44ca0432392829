import { seededRandom } from '../lay/plan/seeded-random.ts';
import { measureIds } from '../measures/catalogue.ts';
import type { MeasureValues, Observations } from '../measures/measure-set.ts';
import { inches } from '../units/length.ts';
import { ordinaryBody, type BodyShape } from './bodies.ts';

type Range = readonly [least: number, most: number];

/** Between what a kind of body varies, in inches. */
export interface BodyRanges extends Readonly<Record<keyof BodyShape, Range>> {
  /** How far any one measure may lie from what goes with the shape, either way. */
  readonly deviation: { readonly length: number; readonly width: number; readonly armhole: number };
}

/** Bodies as they come into a shop on most days. Common practice, no source. */
export const ordinaryRanges: BodyRanges = {
  bust: [31, 50],
  bustToWaist: [3, 11],
  waistToHipRound: [6, 13],
  height: [60, 72],
  cup: [1, 5],
  deviation: { length: 0.25, width: 0.25, armhole: 0.25 },
};

/**
 * Bodies that a shop sees once in some years: from 26 to 60 in round the bust, a waist that may stand over the bust, no
 * hips or very full ones, and every measure off its proportion by as much as a hasty tape. Our own figures, wide on purpose.
 */
export const extremeRanges: BodyRanges = {
  bust: [26, 60],
  bustToWaist: [-3, 14],
  waistToHipRound: [0, 18],
  height: [54, 78],
  cup: [0, 8],
  deviation: { length: 0.75, width: 0.5, armhole: 1 },
};

export interface RandomBody {
  readonly shape: BodyShape;
  readonly values: MeasureValues;
  readonly observations: Observations;
}

/** A stream of bodies within ranges, the same for the same seed. */
export function* randomBodies(ranges: BodyRanges, seed: number): Generator<RandomBody, never> {
  const random = seededRandom(seed);
  const between = ([least, most]: Range) => least + random() * (most - least);
  const pick = <T>(words: readonly [T, ...T[]]): T => words[Math.floor(random() * words.length)] ?? words[0];
  const { length, width, armhole } = ranges.deviation;
  const off = (most: number) => inches(between([-most, most]));
  for (;;) {
    const whole: BodyShape = {
      bust: between(ranges.bust),
      bustToWaist: between(ranges.bustToWaist),
      waistToHipRound: between(ranges.waistToHipRound),
      height: between(ranges.height),
      cup: between(ranges.cup),
    };
    // No bust stands further over the high bust than by a sixth of itself.
    const shape = { ...whole, cup: Math.min(whole.cup, whole.bust / 6) };
    const proportioned = ordinaryBody(shape);
    const moved: MeasureValues = {
      shoulder: off(width),
      acrossChest: off(width),
      acrossBack: off(width),
      bustSpan: off(width),
      shoulderToBust: off(length),
      frontWaistLength: off(length),
      backWaistLength: off(length),
      waistToHip: off(length),
      waistToKnee: off(length),
      armhole: off(armhole),
    };
    yield {
      shape,
      values: Object.fromEntries(
        measureIds.flatMap((id) => {
          const mm = proportioned[id];
          return mm === undefined ? [] : [[id, mm + (moved[id] ?? 0)] as const];
        }),
      ),
      observations: {
        build: pick(['slim', 'middle', 'full']),
        tummy: pick(['flat', 'rounded']),
        shoulders: pick(['square', 'middle', 'sloping']),
      },
    };
  }
}
