import { point, rotate, type Point } from '../geometry/point.ts';
import { boxOf, crossingsAt, type Ring } from '../geometry/ring.ts';

const CENTRE = point(0, 0);

/** Lines at one angle across a ring, `pitch` mm apart, each cut to the ring. */
function linesAt(ring: Ring, angle: number, pitch: number): Point[][] {
  const turned = ring.map((p) => rotate(p, CENTRE, -angle));
  const box = boxOf(turned);
  const lines: Point[][] = [];
  for (let level = Math.ceil(box.minY / pitch) * pitch; level < box.maxY; level += pitch) {
    const crossings = crossingsAt(turned, level);
    for (let index = 0; index + 1 < crossings.length; index += 2) {
      const [from, to] = [crossings[index] ?? 0, crossings[index + 1] ?? 0];
      lines.push([point(from, level), point(to, level)].map((p) => rotate(p, CENTRE, angle)));
    }
  }
  return lines;
}

/** Lines of a mesh of net lie this far apart, mm. */
const MESH = 17;

/** The mesh of net: lines crossed over a ring. */
export const mesh = (ring: Ring): Point[][] => [
  ...linesAt(ring, Math.PI / 4, MESH),
  ...linesAt(ring, -Math.PI / 4, MESH),
];
