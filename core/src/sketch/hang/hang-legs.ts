import type { Detail } from '../../drafting/detail.ts';
import { lookup, valueAt } from '../../geometry/lookup.ts';
import { point, type Point } from '../../geometry/point.ts';
import { smoothThrough } from '../../geometry/smooth-through.ts';
import { SEEN, type Figure } from '../figure.ts';
import { halfSeen, OFF_BODY, SKIRT_TOP_SAG } from './hang-skirt.ts';
import { seenWidth } from './seen-width.ts';

/** Both lines of one leg from the waist and from the fork to the hem, and the waist from the centre out. */
export interface HungLegs {
  readonly outer: readonly Point[];
  readonly inner: readonly Point[];
  readonly top: readonly Point[];
  readonly fork: Point;
}

const POINTS = 40;
/** Axis of a leg at knee and hem, as parts of half the hip as seen, and the gap of two legs below the fork, mm. By eye, as the person stands. */
const AXIS = { knee: 0.52, hem: 0.5 } as const;
const GAP = 3;

const mix = (a: number, b: number, t: number): number => a + (b - a) * t;

/** Legs of trousers as they hang: over the hip by its round, then each about its own axis. */
export function hangLegs(figure: Figure, { waist, hip, crotch, legs }: Extract<Detail, { kind: 'trousers' }>): HungLegs {
  const { measures, heights, half } = figure;
  const at = (down: number): number => heights.waist + down;
  const [[, thigh] = [0, 0], [kneeDown, knee] = [0, 0], [length, hem] = [0, 0]] = legs;
  const onHip = (measures.hip * SEEN.hip) / 2;
  const halfLeg = (round: number, limb: number): number => seenWidth(round, limb, SEEN.limb) / 2;
  const hipDown = Math.min(heights.hip - heights.waist, 0.8 * crotch);
  const shin = valueAt(lookup([[kneeDown, measures.knee], [measures.waistToAnkle, measures.ankle]]), length);
  const [kneeOut, hemOut] = [AXIS.knee * onHip, AXIS.hem * onHip];
  const outAt = smoothThrough([
    point(0, Math.max(halfSeen(figure, heights.waist, waist), half(heights.waist) + OFF_BODY)),
    point(hipDown, Math.max(halfSeen(figure, heights.hip, hip), half(heights.hip) + OFF_BODY)),
    point(crotch, Math.max(Math.min(2 * halfLeg(thigh, measures.thigh), halfSeen(figure, heights.hip, hip) + 6), half(heights.hip) + OFF_BODY)),
    point(Math.max(kneeDown, crotch + 40), kneeOut + halfLeg(knee, measures.knee)),
    point(Math.max(length, crotch + 80), hemOut + halfLeg(hem, shin)),
  ]);
  const inAt = smoothThrough([
    point(crotch, 0),
    point(crotch + 0.15 * Math.max(80, length - crotch), GAP),
    point(Math.max(kneeDown, crotch + 40), Math.max(GAP, kneeOut - halfLeg(knee, measures.knee))),
    point(Math.max(length, crotch + 80), Math.max(GAP, hemOut - halfLeg(hem, shin))),
  ]);
  const end = Math.max(length, crotch + 80);
  const downTo = (from: number): number[] => Array.from({ length: POINTS + 1 }, (_, index) => mix(from, end, index / POINTS));
  const outer = downTo(0).map((down) => point(outAt(down), at(down)));
  const inner = downTo(crotch).map((down) => point(inAt(down), at(down)));
  const width = outer[0]?.x ?? 0;
  const top = Array.from({ length: 13 }, (_, index) => {
    const across = index / 12;
    return point(width * across, at(0) + SKIRT_TOP_SAG * (1 - across * across));
  });
  return { outer, inner, top, fork: point(0, at(crotch)) };
} // prettier-ignore
