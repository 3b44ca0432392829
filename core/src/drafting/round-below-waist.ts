import type { Body } from './body.ts';

/** Place of the high hip between waist and hip, where it was measured: half-way. Common practice. */
const HIGH_HIP = 0.5;

/**
 * The body's round `depth` mm below the waist: between waist and hip by proportion, through the high hip where it was
 * measured; below the hip the hip itself. A top's hem between the two never takes the full hip. Common practice.
 */
export function roundBelowWaist(body: Body, depth: number, hipDepth = body.mm('waistToHip')): number {
  const [waist, hip] = [body.mm('waist'), body.mm('hip')];
  const places: (readonly [depth: number, round: number])[] = [
    [0, waist],
    ...(body.taken('highHip') === undefined ? [] : [[HIGH_HIP * hipDepth, body.mm('highHip')] as const]),
    [hipDepth, hip],
  ];
  for (const [index, [to, round]] of places.entries()) {
    const [from, above] = places[index - 1] ?? [0, waist];
    if (depth <= to) return to === from ? round : above + ((round - above) * (depth - from)) / (to - from);
  }
  return hip;
}
