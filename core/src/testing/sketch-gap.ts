import { ringGap } from '../geometry/distance-to-ring.ts';
import type { Shape } from '../sketch/shape.ts';
import { faces } from '../pieces/piece.ts';
import type { Sketch } from '../sketch/sketch.ts';

/** Folds, gathers and the mesh of net come and go with their cloth; what else is drawn is compared. */
const isCompared = (shape: Shape): boolean => shape.kind !== 'line' || shape.pen !== 'fine';

function shapeGap(a: Shape, b: Shape): number {
  if (a.kind === 'dot' && b.kind === 'dot') return Math.hypot(a.at.x - b.at.x, a.at.y - b.at.y);
  if ((a.kind === 'line' && b.kind === 'line') || (a.kind === 'cord' && b.kind === 'cord'))
    return ringGap(a.points, b.points);
  if ('ring' in a && 'ring' in b && a.kind === b.kind) return ringGap(a.ring, b.ring);
  return Infinity;
}

/** The greatest distance between the shapes of two sketches, in their order, mm; infinite where one has another shape. */
export function sketchGap(a: Sketch, b: Sketch): number {
  return Math.max(
    ...faces.map((face) => {
      const [one, other] = [a[face].shapes.filter(isCompared), b[face].shapes.filter(isCompared)];
      if (one.length !== other.length) return Infinity;
      return Math.max(0, ...one.map((shape, index) => shapeGap(shape, other[index] ?? shape)));
    }),
  );
}
