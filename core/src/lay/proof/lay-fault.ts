import { areWithin } from '../../geometry/distance-to-ring.ts';
import { boxOf, mirrorRing, moveRing, type Ring } from '../../geometry/ring.ts';
import { point, rotate } from '../../geometry/point.ts';
import type { Placement } from '../model/lay.ts';
import { turnedBesides } from '../model/outline-state.ts';
import { wholeOutline, type LayPiece } from '../model/layable.ts';

export type LayFaultCode =
  | 'outside-width'
  | 'outside-length'
  | 'overlap'
  | 'wrong-count'
  | 'unknown-piece'
  | 'not-the-outline'
  | 'not-mirrored-in-pairs'
  | 'of-the-wrong-hand'
  | 'against-the-nap'
  | 'off-the-fold'
  | 'not-on-double-cloth'
  | 'unreal-fold'
  | 'out-of-section'
  | 'on-a-flaw'
  | 'off-the-cloth'
  | 'on-a-panel'
  | 'off-its-panel'
  | 'off-the-repeat'
  | 'too-close'
  | 'off-the-border'
  | 'off-its-grain'
  | 'off-the-figure'
  | 'off-its-pins';

export interface LayFault {
  readonly code: LayFaultCode;
  readonly pieces: readonly string[];
  /** How far off, mm, where that can be said. */
  readonly mm?: number;
}

/** Outlines, fold lines and bounds agree within this, mm: two roundings of a lay file. */
export const SAME = 0.02;

export const nameOf = ({ piece, copy }: Placement): string => `${piece} ${copy + 1}`;

/** Whether two rings have the same points up to where they start, within SAME. */
function samePoints(a: Ring, b: Ring): boolean {
  if (a.length !== b.length) return false;
  const close = (i: number, j: number) => {
    const [p, q] = [a[i], b[j % b.length]];
    return p !== undefined && q !== undefined && Math.abs(p.x - q.x) <= SAME && Math.abs(p.y - q.y) <= SAME;
  };
  return b.some((_, shift) => close(0, shift) && a.every((__, index) => close(index, index + shift)));
}

/** Whether two rings are the same outline within SAME, whatever points they are drawn through: machines may round otherwise. */
export const sameRing = (a: Ring, b: Ring): boolean => samePoints(a, b) || areWithin(a, b, SAME);

export const atOrigin = (ring: Ring): Ring => {
  const { minX, minY } = boxOf(ring);
  return moveRing(ring, -minX, -minY);
};

/** The outline as the placement says it lies: mirrored first, then turned. */
export function claimed(piece: LayPiece, placement: Placement): Ring {
  const outline = wholeOutline(piece);
  const flipped = placement.mirrored ? mirrorRing(outline) : outline;
  const besides = turnedBesides(placement, piece.turn ?? 0);
  return besides === 0 ? flipped : flipped.map((p) => rotate(p, point(0, 0), (besides * Math.PI) / 180));
}
