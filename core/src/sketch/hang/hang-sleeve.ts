import type { Detail } from '../../drafting/detail.ts';
import { clamp } from '../../geometry/clamp.ts';
import { valueAt } from '../../geometry/lookup.ts';
import { point, type Point } from '../../geometry/point.ts';
import { smoothThrough } from '../../geometry/smooth-through.ts';
import { besideArm, SEEN, type Figure } from '../figure.ts';
import { eased } from '../place/panel.ts';
import type { HangingCloth } from './hanging-cloth.ts';
import { seenWidth } from './seen-width.ts';

const POINTS = 30;
/** A sleeve stands off the arm by this, radians, and by more for each arm's girth that it is wider; by eye. */
export const STANDS_OFF = 0.1;
const WIDE_STANDS_OFF = 0.03;
/** Height of a puff at the cap for each armhole's length gathered into it, mm; by eye. */
const PUFF = 36;

/** A sleeve that ends above the armpit still shows so much of its underarm below it, mm. By eye. */
const SHORT_UNDERARM = 40;

/** The underarm falls at least by this part of its length. By eye. */
const LEAST_FALL = 0.6;
/** It goes behind the torso by at most this part of its fall. By eye. */
const MOST_BEHIND = 0.15;

type HungSleeve = Pick<
  Extract<Detail, { kind: 'sleeve' }>,
  'girths' | 'underarm' | 'gather' | 'seamAt' | 'cuff'
>;

const mix = (a: number, b: number, t: number): number => a + (b - a) * t;

/**
 * A sleeve from its armhole as seen, from the tip of the shoulder to the armpit: girths by distance down from the tip, and cap ÷ armhole.
 * Its outer line runs from the tip, its inner from the armpit, both along the arm.
 */
export function hangSleeve(
  figure: Figure,
  hole: readonly Point[],
  { girths, underarm, gather, seamAt, cuff }: HungSleeve,
): Omit<HangingCloth, 'cloth'> {
  const round = smoothThrough(girths.map(([down, girth]) => point(down, girth)));
  const [tip, pit] = [hole[0] ?? figure.tip, hole.at(-1) ?? figure.tip];
  const [length, end] = girths.at(-1) ?? [0, 0];
  const limb = valueAt(figure.arm, length);
  const loose = end / limb - 1;
  const angle = figure.armAngle + STANDS_OFF + WIDE_STANDS_OFF * clamp(loose, 0, 2);
  const toPit = (pit.y - tip.y) / Math.cos(angle);
  const innerEnd = Math.max(length, toPit + Math.min(underarm, SHORT_UNDERARM));
  const seen = (down: number) => seenWidth(round(down), valueAt(figure.arm, down), SEEN.limb);
  const [left, right]: [Point[], Point[]] = [[], []];
  for (let index = 0; index <= POINTS; index++) {
    const part = index / POINTS;
    const down = length * part;
    const outer = besideArm(figure, down, 0.52 * seen(down), angle);
    const onArm = eased(down / 110);
    const puff = PUFF * (gather - 1) * Math.sin(clamp(down / 160, 0, 1) * Math.PI);
    right.push(point(mix(tip.x, outer.x, onArm) + puff, mix(tip.y + 0.9 * down, outer.y, onArm) - 0.7 * puff));
    const within = mix(toPit, innerEnd, part);
    const inner = besideArm(figure, within, -0.48 * seen(within), angle);
    const offPit = eased(index / 14);
    const fall = 0.9 * (within - toPit);
    // A wide sleeve lies partly behind the torso: it is drawn below its armpit, and no nearer to the centre than it has fallen.
    const low = Math.max(inner.y, pit.y + LEAST_FALL * fall);
    const out = Math.max(inner.x, 0, pit.x - MOST_BEHIND * (low - pit.y));
    left.push(point(mix(pit.x, out, offPit), mix(pit.y + fall, low, offPit)));
  }
  return { left, right, gather, flare: 1 + 0.35 * Math.max(0, loose), sag: 8, topSag: 0, folds: 5, top: [...hole].reverse(), ...(seamAt !== undefined && { seamsAt: [seamAt / length] }), ...(cuff && { intoCuff: cuff }) };
} // prettier-ignore
