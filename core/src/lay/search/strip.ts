import type { KnownShape } from '../no-fit/no-fit-cache.ts';
import type { OutlineState } from '../model/outline-state.ts';

/** One way for a shape to lie: its state, and where the left side of its box may come, mm; the same twice for one on a crease. */
export interface StripOrientation {
  readonly state: OutlineState;
  readonly leftmost: number;
  readonly rightmost: number;
  /** Where the upper side of its box may come, but for whole repeats, mm; null where that is free. */
  readonly phase: number | null;
}

/** One shape to place on a strip of cloth. */
export interface StripItem {
  readonly shape: KnownShape;
  readonly orientations: readonly StripOrientation[];
  /** Where the upper side of its box is held, mm, or null for one that is free; a held one has one orientation, at one place across. */
  readonly held: number | null;
  /** It keeps others away and is no part of the lay: the length does not reach to it. */
  readonly isObstacle: boolean;
}

/** Shapes to place in bands of a strip, as short as can be. */
export interface Strip {
  readonly items: readonly StripItem[];
  /** Across, mm: from where boxes are counted to the far edge. */
  readonly width: number;
  /** From one figure of the print to the same again, along the strip, mm; 0 where nothing is matched. */
  readonly repeat: number;
}

/** The place nearest to `wanted` that is in phase with the print, from 0 to `bottom`, mm; the first one where none is. */
export function inPhase(phase: number, repeat: number, wanted: number, bottom: number): number {
  const last = Math.floor((bottom - phase) / repeat + 1e-9);
  const count = Math.max(0, Math.min(last, Math.round((wanted - phase) / repeat)));
  return phase + count * repeat;
}

/** Where the boxes of all items start, mm, and in which of its orientations each is. */
export interface Positions {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly orientations: Int16Array;
  readonly length: number;
}

export const copyPositions = ({ x, y, orientations, length }: Positions): Positions => ({
  x: x.slice(),
  y: y.slice(),
  orientations: orientations.slice(),
  length,
});
