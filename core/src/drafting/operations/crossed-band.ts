import { between, distance, point, type Point } from '../../geometry/point.ts';
import type { ClothRole, Piece } from '../../pieces/piece.ts';
import { strip } from './strip.ts';

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
  /** What front and back are each cut shorter, so that the band lies tight, mm. */
  readonly tight: number;
  /** How much wider it is cut than what it covers, to be gathered. */
  readonly ratio: number;
  readonly allowance: number;
}

const acrossCentre = (p: Point): Point => point(-p.x, p.y);

/** From the middle of the covered waist to the middle of the opposite shoulder, mm. */
export const crossedLine = ({ waist, shoulder }: CrossedHalf): number =>
  distance(between(...waist, 0.5), acrossCentre(between(...shoulder, 0.5)));

export const coveredWidth = ({ waist: [from, to] }: CrossedHalf): number => distance(from, to);

/** Where one half of the band lies in the finished garment, from its stretch of the waist to the opposite shoulder. */
export const crossedRing = ({ waist: [from, to], shoulder }: CrossedHalf): Point[] => [
  from,
  to,
  ...[...shoulder].reverse().map(acrossCentre),
];

/**
 * A band that runs from the waist in front over the opposite shoulder down to the waist behind, one for each side: as long as
 * the lines that it lies along, less what makes it tight, and gathered from a wider cut. A notch marks the shoulder.
 */
export function crossedBand(plan: CrossedBandPlan): Piece {
  const [front, back] = [plan.front, plan.back].map((half) => crossedLine(half) - plan.tight);
  return strip({
    id: plan.id,
    name: plan.name,
    role: plan.role,
    length: (front ?? 0) + (back ?? 0),
    width: Math.max(coveredWidth(plan.front), coveredWidth(plan.back)) * plan.ratio,
    doubled: false,
    copies: 2,
    allowance: plan.allowance,
    notchesAt: [front ?? 0],
  });
}
