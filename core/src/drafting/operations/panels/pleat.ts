import type { Notch, Piece } from '../../../pieces/piece.ts';
import type { Fullness } from '../../../pieces/seam.ts';
import { slashes, type Slash } from './slash.ts';
import { type PlaceOnLoop } from '../../../pieces/place-on-loop.ts';

/** Pleats of one depth, each on a line through two edges; the first of them is the one that is sewn to something shorter. */
export interface PleatPlan {
  readonly lines: readonly { readonly from: PlaceOnLoop; readonly to: PlaceOnLoop }[];
  /** Depth of a pleat as it lies folded, mm: twice as much cloth is taken up. */
  readonly depth: number;
  readonly towards: Extract<Fullness, { kind: 'pleats' }>['towards'];
}

/** A piece with pleats, and what the edge that they begin on owes to the one that it is sewn to. */
export interface Pleated {
  readonly piece: Piece;
  readonly fullness: Fullness;
}

/** Lays pleats into a piece: it is opened in parallel by twice their depth on every line, and both folds of each are notched on the edge that it begins on. */
export function pleat(piece: Piece, { lines, depth, towards }: PleatPlan): Pleated {
  const open = { from: 2 * depth, to: 2 * depth };
  const opened = slashes(
    piece,
    lines.map(({ from, to }): Slash => ({ from, to, open })),
  );
  const begins = [...lines].sort((a, b) => a.from.at - b.from.at);
  const notches = begins.flatMap(({ from: { edge, at } }, before): Notch[] => {
    const gained = begins.filter((each, index) => index < before && each.from.edge === edge).length;
    const start = at + gained * 2 * depth;
    return [start, start + 2 * depth].map((place) => ({ edge, at: place, kind: 'single' }));
  });
  return {
    piece: { ...opened, notches: [...opened.notches, ...notches] },
    fullness: { kind: 'pleats', count: lines.length, depth, towards },
  };
}
