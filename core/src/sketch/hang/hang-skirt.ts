import type { Detail } from '../../drafting/detail.ts';
import { valueAt } from '../../geometry/lookup.ts';
import { point } from '../../geometry/point.ts';
import type { Face } from '../../pieces/piece.ts';
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
    above = 0,
    slanted,
  }: {
    readonly waist: number;
    readonly hem: number;
    readonly length: number;
    readonly gather?: number;
    readonly seamsAt?: readonly number[];
    readonly pleats?: number;
    readonly above?: number;
    readonly slanted?: Extract<Detail, { kind: 'skirt' }>['slanted'];
  },
  face: Face = 'front',
): Omit<HangingCloth, 'cloth'> {
  const { heights, half } = figure;
  const top = heights.waist - above;
  const end = top + length;
  const [out, outHem] = [halfSeen(figure, top, waist), halfSeen(figure, end, hem)];
  // Pressed pleats hang straight and fall open below: they stand out less than the same cloth in folds.
  const stands = pleats === undefined ? 1 : 0.45;
  const sideTo = (reach: number) => Array.from({ length: POINTS + 1 }, (_, index) => {
    const part = (reach * index) / POINTS;
    const height = top + length * part;
    const fallen = out + stands * (outHem - out) * part ** (SPRING / gather);
    return point(Math.max(fallen, half(height) + OFF_BODY), height);
  });
  const whole = sideTo(1);
  const short = slanted ? sideTo(Math.max(0.2, 1 - slanted.by / length)) : whole;
  // In front her left is on the right of who looks.
  const isRight = slanted && (slanted.hand === 'left') === (face === 'front');
  const [left, right] = isRight ? [mirrored(whole), short] : [mirrored(short), whole];
  const reach = length - (slanted?.by ?? 0);
  const ruched = slanted && { on: isRight ? 1 : 0, from: slanted.ruched.from / reach, to: slanted.ruched.to / reach } as const;
  return { left, right, gather, flare: pleats === undefined ? 1 + 0.55 * Math.max(0, hem / waist - 1.15) : 1, sag: 20, topSag: SKIRT_TOP_SAG, folds: 8, seamsAt: seamsAt.map((down) => down / length), ...(pleats !== undefined && { pleats: 2 * pleats }), ...(ruched && { ruched }) };
} // prettier-ignore
