import { difference, FillRule } from 'clipper2-ts';
import { point } from '../../geometry/point.ts';
import { boxOf, signedArea, type Ring } from '../../geometry/ring.ts';
import { flawRing, type Cloth } from './cloth.ts';

/** Units of the clipping to a mm. */
const UNITS = 100;
/** Smaller ones are rounding noise, mm². */
const SLIVER = 1;

const rectangle = (left: number, right: number, from: number, to: number): Ring => [
  point(left, from),
  point(right, from),
  point(right, to),
  point(left, to),
];

/** Between an outline and the box around it; each pocket touches the box, so none has a hole. */
function pocketsInBox(outline: Ring): Ring[] {
  const { minX, minY, maxX, maxY } = boxOf(outline);
  const path = (ring: Ring) =>
    ring.map(({ x, y }) => ({ x: Math.round(x * UNITS), y: Math.round(y * UNITS) }));
  return difference([path(rectangle(minX, maxX, minY, maxY))], [path(outline)], FillRule.NonZero)
    .map((ring) => ring.map(({ x, y }) => point(x / UNITS, y / UNITS)))
    .filter((ring) => signedArea(ring) > SLIVER);
}

/**
 * Where a leftover has no cloth, though the straight piece has that it would come out of: rings beside its outline, and beside the box around
 * it. The search keeps off them; the proof asks the outline itself. Nothing for a cloth without an outline of its own.
 */
export function pocketsOf({ outline, width, length }: Pick<Cloth, 'outline' | 'width' | 'length'>): Ring[] {
  if (!outline) return [];
  const { minX, minY, maxX, maxY } = boxOf(outline);
  const end = length ?? maxY;
  const beside = [
    rectangle(0, width, 0, minY),
    rectangle(0, width, maxY, end),
    rectangle(0, minX, minY, maxY),
    rectangle(maxX, width, minY, maxY),
  ];
  return [...pocketsInBox(outline), ...beside.filter((ring) => signedArea(ring) > SLIVER)];
}

/** All places of a cloth where no piece may lie but the one that a panel is for: flaws, panels, and where there is no cloth. */
export const obstaclesOn = (cloth: Cloth): Ring[] => [
  ...[...(cloth.flaws ?? []), ...(cloth.panels ?? [])].map(flawRing),
  ...pocketsOf(cloth),
];
