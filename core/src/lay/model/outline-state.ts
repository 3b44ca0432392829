import { point } from '../../geometry/point.ts';
import type { Ring } from '../../geometry/ring.ts';

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

/** Degrees from 0 to 360. */
const around = (degrees: number): number => ((degrees % 360) + 360) % 360;

/** The turn after mirroring, as lays report it, of an outline that was turned by `turn` degrees before it took its state: mirrored, that turns back. */
export const rotationOf = (state: OutlineState, turn: number): number =>
  around((state.y === 1 ? 0 : 180) + (isMirrored(state) ? -turn : turn));

/** What a lay reports as mirrored and rotated. */
export interface Reported {
  readonly mirrored: boolean;
  readonly rotation: number;
}

/** How far an outline that was turned beforehand is turned besides, degrees: 0, or 180 upside down, where it keeps its grain. */
export const turnedBesides = ({ mirrored, rotation }: Reported, turn: number): number =>
  around(rotation - (mirrored ? -turn : turn));

/** The state that a lay reports as mirrored and rotated, of an outline that was turned beforehand. */
export const stateOf = (reported: Reported, turn: number): OutlineState => {
  const y = turnedBesides(reported, turn) === 0 ? 1 : -1;
  return { x: reported.mirrored === (y === 1) ? -1 : 1, y };
};

/** The outline in a state, still clockwise. */
export function turnOutline(ring: Ring, state: OutlineState): Ring {
  const turned = ring.map((p) => point(state.x * p.x, state.y * p.y));
  return isMirrored(state) ? turned.reverse() : turned;
}
