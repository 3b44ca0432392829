import { point, type Point } from '../../geometry/point.ts';
import type { ClothRole } from '../../pieces/piece.ts';
import { filled, line, mirrored, type Shape } from '../shape.ts';

const closed = (ring: readonly Point[]): Point[] => [...ring, ...ring.slice(0, 1)];

/** Longest loop of a bow, and the part of each end's length that goes into it, mm. By eye. */
const LOOP = { part: 0.14, most: 74 } as const;

/** A bow of two ends tied at a knot: its loops, and what is left of each end falling; lengths in mm. */
export function bowShapes(knot: Point, end: number, width: number, cloth: ClothRole): Shape[] {
  const long = Math.min(LOOP.most, LOOP.part * end);
  const fall = Math.max(0, end - 2 * long) * 0.6;
  const loop = Array.from({ length: 21 }, (_, index) => {
    const turn = (index / 20) * Math.PI;
    const out = Math.sin(turn) ** 0.8;
    return point(4 + long * out, -0.42 * long * Math.cos(turn) * Math.sin(turn) + 0.14 * long * out);
  });
  const lean = 0.12 * fall;
  const tail = [
    point(2, 0),
    point(6 + 0.7 * lean, 0.55 * fall),
    point(8 + lean, fall),
    point(8 + lean + 0.85 * width, fall - 8),
    point(4 + 0.7 * lean + 0.5 * width, 0.5 * fall),
  ];
  const at = (points: readonly Point[]) => points.map(({ x, y }) => point(x + knot.x, y + knot.y));
  const tied = [point(-9, -8), point(9, -8), point(11, 2), point(8, 12), point(-8, 12), point(-11, 2)];
  return [
    ...[tail, loop].flatMap((each) =>
      [at(mirrored(each)), at(each)].flatMap((ring) => [...filled(ring, cloth), line(closed(ring), 'side')]),
    ),
    ...filled(at(tied), cloth),
    line(closed(at(tied)), 'side'),
  ];
}
