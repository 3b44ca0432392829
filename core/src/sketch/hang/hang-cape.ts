import type { Detail } from '../../drafting/detail.ts';
import { clamp } from '../../geometry/clamp.ts';
import { valueAt } from '../../geometry/lookup.ts';
import { point } from '../../geometry/point.ts';
import { besideArm, SEEN, type Figure } from '../figure.ts';
import { mirrored } from '../shape.ts';
import type { HangingCloth } from './hanging-cloth.ts';

const POINTS = 24;
/** A cape from the neck lies on the shoulder as far as its tip, and falls from there. By eye. */
const OFF_ARM = 5;
/** So much of what its hem has more than its upper edge is seen beside the arms. By eye. */
const SPREADS = 0.1;

/** How far out the shoulder, and below it the arm, are seen at a height. */
function outAt(figure: Figure, height: number): number {
  const { tip, neck, arm } = figure;
  if (height <= tip.y) return neck + (tip.x - neck) * clamp(height / Math.max(1, tip.y), 0, 1);
  const down = height - tip.y;
  return besideArm(figure, down, (valueAt(arm, down) * SEEN.limb) / 2, figure.armAngle).x;
}

/** A cape from its upper edge down over the arms: it lies on them, and springs out below by what its hem is wider. */
export function hangCape(
  figure: Figure,
  { from, depth, round, hem }: Extract<Detail, { kind: 'cape' }>,
): Omit<HangingCloth, 'cloth'> {
  let widest = 0;
  const right = Array.from({ length: POINTS + 1 }, (_, index) => {
    const part = index / POINTS;
    const height = from + part * depth;
    // Below the widest place it falls, and does not come in again.
    widest = Math.max(widest, outAt(figure, height) + OFF_ARM);
    return point(widest + SPREADS * (hem - round) * part ** 1.5, height);
  });
  return { left: mirrored(right), right, gather: 1, flare: 1 + 0.4 * Math.max(0, hem / round - 1.1), sag: 22, topSag: 14, folds: 8 };
} // prettier-ignore
