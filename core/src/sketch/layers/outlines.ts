import type { Point } from '../../geometry/point.ts';
import { isWhole, type Panel } from '../place/panel.ts';
import { seenHalf, seenRing, type PlacedGarment } from '../place/placed-garment.ts';
import { mirrored } from '../shape.ts';

/** The sides of the body that a panel is drawn on, as seen: 1 right, -1 left. */
export type Hand = 1 | -1;

export const onHand = (points: readonly Point[], hand: Hand): Point[] =>
  hand === 1 ? [...points] : mirrored(points);

/** The hands that a panel is drawn on: both, but for one that is cut whole. */
export const handsOf = ({ piece }: Panel): readonly Hand[] => (isWhole(piece) ? [1] : [1, -1]);

/** Outlines of panels: a half and its mirror as one where they meet. */
export function outlines(
  garment: PlacedGarment,
  panel: Panel,
  hands: readonly Hand[],
  fit = (p: Point) => p,
): Point[][] {
  const open = hands.length === 2 ? seenHalf(garment, panel) : undefined;
  if (open) {
    const half = open.map(fit);
    return [[...half, ...mirrored(half).reverse()]];
  }
  const ring = seenRing(garment, panel).map(fit);
  return hands.map((hand) => onHand(ring, hand));
}
