import { point } from '../geometry/point.ts';
import type { Ring } from '../geometry/ring.ts';

/** How an outline is turned before it is moved: the signs of x and y. */
export interface OutlineState {
  readonly x: 1 | -1;
  readonly y: 1 | -1;
}

export const asDrawn: OutlineState = { x: 1, y: 1 };
export const halfTurned: OutlineState = { x: -1, y: -1 };
export const mirroredState: OutlineState = { x: -1, y: 1 };
export const upended: OutlineState = { x: 1, y: -1 };

export const isMirrored = (state: OutlineState): boolean => state.x !== state.y;

/** The turn after mirroring, as lays report it. */
export const rotationOf = (state: OutlineState): 0 | 180 => (state.y === 1 ? 0 : 180);

/** The state that a lay reports as mirrored and rotated. */
export const stateOf = ({
  mirrored,
  rotation,
}: {
  readonly mirrored: boolean;
  readonly rotation: 0 | 180;
}): OutlineState => {
  const y = rotation === 0 ? 1 : -1;
  return { x: mirrored === (y === 1) ? -1 : 1, y };
};

/** The outline in a state, still clockwise. */
export function turnOutline(ring: Ring, state: OutlineState): Ring {
  const turned = ring.map((p) => point(state.x * p.x, state.y * p.y));
  return isMirrored(state) ? turned.reverse() : turned;
}
