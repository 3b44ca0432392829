import { EndType, inflatePaths, JoinType } from 'clipper2-ts';
import { boxOf, signedArea, type Box, type Ring } from '../../geometry/ring.ts';
import type { OutlineState } from '../model/outline-state.ts';
import { simplifyOutwards } from './simplify-outwards.ts';

/** Whole hundredths of a millimetre, so that cross products of cloth-sized coordinates stay exact in doubles. */
export const UNITS = 100;
/** Outlines are grown by this for the search, mm, so that what the search calls touching is apart by more than any rounding. */
export const GROWN = 0.05;
/** How far a search outline may stand outside its true outline, mm: corners saved count twice in every no-fit region. */
const OUTSIDE = 0.5;

/** An outline as the search sees it: grown a hair, with few corners, its box at 0. */
export interface Shape {
  /** Flat [x0, y0, x1, y1 …] in hundredths of a mm, positive area. */
  readonly corners: readonly number[];
  /** Of its box, mm. */
  readonly width: number;
  readonly height: number;
  /** Of the true outline, mm². */
  readonly area: number;
  /** Box of the grown outline where the true one lies as drawn, mm. */
  readonly box: Box;
}

/** The search outline of a ring; it holds the whole ring. */
export function shapeOf(ring: Ring): Shape {
  const whole = simplifyOutwards(ring, OUTSIDE).map(({ x, y }) => ({
    x: Math.round(x * UNITS),
    y: Math.round(y * UNITS),
  }));
  const grown = inflatePaths([whole], GROWN * UNITS, JoinType.Miter, EndType.Polygon, 3);
  const outer = grown.reduce((best, path) => (path.length > best.length ? path : best), grown[0] ?? whole);
  const box = boxOf(outer);
  return {
    corners: outer.flatMap(({ x, y }) => [x - box.minX, y - box.minY]),
    width: (box.maxX - box.minX) / UNITS,
    height: (box.maxY - box.minY) / UNITS,
    area: Math.abs(signedArea(ring)),
    box: {
      minX: box.minX / UNITS,
      minY: box.minY / UNITS,
      maxX: box.maxX / UNITS,
      maxY: box.maxY / UNITS,
    },
  };
}

/** The corners of a shape turned within its own box, positive area kept. */
export function turnedCorners({ corners, width, height }: Shape, state: OutlineState): number[] {
  const [right, bottom] = [Math.round(width * UNITS), Math.round(height * UNITS)];
  const turned: number[] = [];
  for (let index = 0; index < corners.length; index += 2) {
    const at = state.x === state.y ? index : corners.length - 2 - index;
    const [x, y] = [corners[at]!, corners[at + 1]!];
    turned.push(state.x === 1 ? x : right - x, state.y === 1 ? y : bottom - y);
  }
  return turned;
}
