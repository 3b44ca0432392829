import { between, distance, point, type Point } from '../../../geometry/point.ts';
import type { ClothRole, Piece } from '../../../pieces/piece.ts';
import { strip } from './strip.ts';
import { drawn, minus, named, plus, sum, times, type Working } from '../../../workings/working.ts';

/** The stretch of waist that a crossed band covers on one half, and the shoulder of that half; the band ends on the other one. */
export interface CrossedHalf {
  readonly waist: readonly [from: Point, to: Point];
  readonly shoulder: readonly [from: Point, to: Point];
}

export interface CrossedBandPlan {
  readonly id: string;
  readonly name: string;
  readonly role: ClothRole;
  readonly front: CrossedHalf;
  readonly back: CrossedHalf;
  /** Length by which front and back are each cut shorter, so that the band lies tight. */
  readonly tight: Working;
  /** Ratio of its width to what it covers, to be gathered. */
  readonly ratio: number;
  readonly allowance: number;
}

const acrossCentre = (p: Point): Point => point(-p.x, p.y);

/** From the middle of the covered waist to the middle of the opposite shoulder, mm. */
export const crossedLine = ({ waist, shoulder }: CrossedHalf): number =>
  distance(between(...waist, 0.5), acrossCentre(between(...shoulder, 0.5)));

export const coveredWidth = ({ waist: [from, to] }: CrossedHalf): number => distance(from, to);

/** One half of the band as it lies in the finished garment, from its stretch of the waist to the opposite shoulder. */
export const crossedRing = ({ waist: [from, to], shoulder }: CrossedHalf): Point[] => [
  from,
  to,
  ...shoulder.map(acrossCentre),
];

/**
 * A band that runs from the waist in front over the opposite shoulder down to the waist behind, one for each side: as long as
 * the lines that it lies along, less what makes it tight, and gathered from a wider cut. A notch marks the shoulder.
 */
export function crossedBand(plan: CrossedBandPlan): Piece {
  const run = (words: string, half: CrossedHalf): Working =>
    sum(plus(drawn(words, crossedLine(half))), minus(plan.tight));
  const front = run('waist to opposite shoulder, front', plan.front);
  const back = run('waist to opposite shoulder, back', plan.back);
  const covered = Math.max(coveredWidth(plan.front), coveredWidth(plan.back));
  return strip({
    id: plan.id,
    name: plan.name,
    role: plan.role,
    part: 'net',
    length: sum(plus(named('front', front)), plus(named('back', back))),
    width: times(drawn('waist that it covers', covered), plan.ratio),
    doubled: false,
    copies: 2,
    allowance: plan.allowance,
    notchesAt: [front.mm],
  });
}
