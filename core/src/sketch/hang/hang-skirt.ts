import { valueAt } from '../../geometry/lookup.ts';
import { point } from '../../geometry/point.ts';
import type { Figure } from '../figure.ts';
import { mirrored } from '../shape.ts';
import type { HangingCloth } from './hanging-cloth.ts';
import { seenWidth } from './seen-width.ts';

const POINTS = 30;
/** Cloth lies at least so far off the body that it hangs on, mm. By eye. */
export const OFF_BODY = 3;
/** Sag of the waist of a skirt in the middle, mm. By eye. */
export const SKIRT_TOP_SAG = 6;
/** A flared skirt springs out from the waist a little before it falls straight: the power of its way down. By eye. */
const SPRING = 0.85;

/** Half the width that is seen of a girth of cloth around the torso at a height, mm. */
export function halfSeen({ heights, seen, half }: Figure, height: number, girth: number): number {
  const on = Math.min(height, heights.hip);
  const part = valueAt(seen, on);
  return seenWidth(girth, (2 * half(on)) / part, part) / 2;
}

/** A skirt from the waist down: girths at its waist and hem, and its length, mm; gathered, it springs out sooner. */
export function hangSkirt(
  figure: Figure,
  {
    waist,
    hem,
    length,
    gather = 1,
    seamsAt = [],
    pleats,
  }: {
    readonly waist: number;
    readonly hem: number;
    readonly length: number;
    readonly gather?: number;
    readonly seamsAt?: readonly number[];
    readonly pleats?: number;
  },
): Omit<HangingCloth, 'cloth'> {
  const { heights, half } = figure;
  const [top, end] = [heights.waist, heights.waist + length];
  const [out, outHem] = [halfSeen(figure, top, waist), halfSeen(figure, end, hem)];
  // Pressed pleats hang straight and fall open below: they stand out less than the same cloth in folds.
  const stands = pleats === undefined ? 1 : 0.45;
  const right = Array.from({ length: POINTS + 1 }, (_, index) => {
    const part = index / POINTS;
    const height = top + length * part;
    const fallen = out + stands * (outHem - out) * part ** (SPRING / gather);
    return point(Math.max(fallen, half(height) + OFF_BODY), height);
  });
  return { left: mirrored(right), right, gather, flare: pleats === undefined ? 1 + 0.55 * Math.max(0, hem / waist - 1.15) : 1, sag: 20, topSag: SKIRT_TOP_SAG, folds: 8, seamsAt: seamsAt.map((down) => down / length), ...(pleats !== undefined && { pleats: 2 * pleats }) };
} // prettier-ignore
