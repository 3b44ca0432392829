import type { Cloth } from './cloth.ts';
import type { Fold, Lay, LayWay, Placement, Purchase } from './lay.ts';
import type { LayPiece } from './layable.ts';

/** A lay of which some outlines stay where they are, by their placements as they are chalked. */
export interface Holding {
  readonly lay: Lay;
  readonly placements: readonly Placement[];
}

/** A section as a hand wants it: how it is folded, and the ids of the pieces that are cut from it. */
export interface WantedSection {
  readonly fold: Fold;
  readonly pieces: readonly string[];
}

/** What is laid on a cloth by one fold from end to end. */
export interface FoldTask {
  readonly pieces: readonly LayPiece[];
  readonly cloth: Cloth;
  readonly fold: Fold;
  readonly seed: number;
  readonly shrinkPercent: number;
  readonly buyIn: Purchase['unit'];
  /** What a hand placed stays; the rest is laid around it, on cloth that is folded alike. */
  readonly holding?: Holding;
}

export interface LayTask extends Omit<FoldTask, 'fold'> {
  readonly fold: LayWay;
  /** Sections as a hand wants them, for cloth that is folded again; else the engine makes them. */
  readonly sections?: readonly WantedSection[];
}
