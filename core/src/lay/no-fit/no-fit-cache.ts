import type { Ring } from '../../geometry/ring.ts';
import type { OutlineState } from '../model/outline-state.ts';
import { depthField, type DepthField } from './depth-field.ts';
import { convolve, opposite } from './minkowski.ts';
import { shapeOf, turnedCorners, type Shape } from './shape.ts';

/** How deep one shape lies in another: the field of the pair, and how the way from the one to the other is turned for it. */
export interface PairField {
  readonly field: DepthField;
  readonly turnX: number;
  readonly turnY: number;
  readonly shiftX: number;
  readonly shiftY: number;
}

/** A shape that the book knows, by its number. */
export interface KnownShape extends Shape {
  readonly number: number;
}

/** Shapes of outlines, and the fields of their pairs, each made when it is first asked for and kept: lays of the same pieces share them. */
export interface NoFitCache {
  shape(ring: Ring): KnownShape;
  /** For a way (x, y) from the box corner of one shape to that of the other: look in the field at turn · way + shift. */
  pair(fixed: KnownShape, fixedState: OutlineState, moving: KnownShape, movingState: OutlineState): PairField;
}

const asDrawn: OutlineState = { x: 1, y: 1 };

/**
 * Turning both shapes of a pair alike turns their field with them, and the field of b about a is that of a about b, backwards: so each
 * two shapes need at most four fields.
 */
export function noFitCache(): NoFitCache {
  const byRing = new WeakMap<Ring, KnownShape>();
  const numbers = new Map<string, number>();
  const fields = new Map<string, DepthField>();
  const fieldOf = (fixed: KnownShape, moving: KnownShape, state: OutlineState): DepthField => {
    const key = `${fixed.number} ${moving.number} ${state.x} ${state.y}`;
    const known = fields.get(key);
    if (known) return known;
    const made = depthField(convolve(turnedCorners(fixed, asDrawn), opposite(turnedCorners(moving, state))));
    fields.set(key, made);
    return made;
  };
  return {
    shape(ring) {
      const known = byRing.get(ring);
      if (known) return known;
      const shape = shapeOf(ring);
      const key = shape.corners.join();
      // Rings that are alike share their fields; where each was drawn is its own.
      const found = { ...shape, number: numbers.get(key) ?? numbers.size };
      numbers.set(key, found.number);
      byRing.set(ring, found);
      return found;
    },
    pair(fixed, fixedState, moving, movingState) {
      const between: OutlineState = {
        x: fixedState.x === movingState.x ? 1 : -1,
        y: fixedState.y === movingState.y ? 1 : -1,
      };
      // The other way round the way is turned back, and so are the boxes within which both were turned.
      const [first, second, state, sense] =
        fixed.number <= moving.number
          ? ([fixed, moving, fixedState, 1] as const)
          : ([moving, fixed, movingState, -1] as const);
      return {
        field: fieldOf(first, second, between),
        turnX: sense * state.x,
        turnY: sense * state.y,
        shiftX: state.x === 1 ? 0 : first.width - second.width,
        shiftY: state.y === 1 ? 0 : first.height - second.height,
      };
    },
  };
}
