import type { KeptLay } from '../lay/model/kept-lay.ts';
import type { LayWay } from '../lay/model/lay.ts';
import type { ClothRole } from '../pieces/piece.ts';

/** A search for lays that goes on at the shop's computer, whether a page is open or not. */
export interface LayRun {
  readonly id: string;
  readonly role: ClothRole;
  readonly state: 'running' | 'done' | 'cancelled' | 'failed';
  readonly folds: readonly LayWay[];
  /** Seconds of searching that were asked for, and that are done, over all processors. */
  readonly seconds: number;
  readonly spent: number;
  /** How many processors search at this moment. */
  readonly atOnce: number;
  /** How many times a better lay was found: another number, other plans to fetch. */
  readonly found: number;
  readonly failure: string | null;
}

/** The best proved lay of each way of folding. */
export type RunPlans = Readonly<Partial<Record<LayWay, KeptLay>>>;
