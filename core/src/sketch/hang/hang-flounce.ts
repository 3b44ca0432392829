import type { Detail } from '../../drafting/detail.ts';
import { valueAt } from '../../geometry/lookup.ts';
import type { Point } from '../../geometry/point.ts';
import { besideArm, SEEN, type Figure } from '../figure.ts';
import type { HangingCloth } from './hanging-cloth.ts';
import { seenWidth } from './seen-width.ts';
import { STANDS_OFF } from './hang-sleeve.ts';

const POINTS = 12;

/** A flounce around the arm from the line that it is sewn to down to its hem: it springs out from the sleeve under it. */
export function hangFlounce(
  figure: Figure,
  { at, depth, round, hem }: Extract<Detail, { kind: 'flounce' }>,
): Omit<HangingCloth, 'cloth'> {
  const angle = figure.armAngle + STANDS_OFF;
  const [left, right]: [Point[], Point[]] = [[], []];
  for (let index = 0; index <= POINTS; index++) {
    const part = index / POINTS;
    const down = at + part * depth;
    const half = seenWidth(round + part * (hem - round), valueAt(figure.arm, down), SEEN.limb) / 2;
    right.push(besideArm(figure, down, half, angle));
    left.push(besideArm(figure, down, -half, angle));
  }
  return { left, right, gather: 1, flare: hem / round, sag: 8, topSag: 4, folds: 6 };
}
