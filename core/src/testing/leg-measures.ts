import type { MeasureValues } from '../measures/measure-set.ts';
import { inches } from '../units/length.ts';

/** A body with the rounds of its legs, from its hip. Common practice: a thigh is just under three fifths of the hip. */
export function withLegs(body: MeasureValues): MeasureValues {
  const { hip = inches(40) } = body;
  return { ...body, thigh: 0.59 * hip, knee: 0.38 * hip, foot: inches(12.5) };
}
