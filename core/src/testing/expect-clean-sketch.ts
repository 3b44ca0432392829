import { expect } from '@jest/globals';
import { pointsOf, type Shape } from '../sketch/shape.ts';
import { loopAcross } from './loop-across.ts';

/** A loop this wide or less is where a line that is bent or cut off touches itself, mm. */
const HARDLY_A_LOOP = 6;

/** Every point is one, and no cloth crosses itself. */
export function expectCleanSketch(shapes: readonly Shape[], what: unknown): void {
  expect([what, shapes.flatMap(pointsOf).every(({ x, y }) => Number.isFinite(x + y))]).toEqual([what, true]);
  for (const shape of shapes)
    if (shape.kind === 'cloth') expect([what, loopAcross(shape.ring) <= HARDLY_A_LOOP]).toEqual([what, true]);
}
