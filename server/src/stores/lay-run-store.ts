import type { KeptLay } from '@ample-bolt/core/lay/model/kept-lay';
import type { Lay, LayWay } from '@ample-bolt/core/lay/model/lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { LayRun, RunPlans } from '@ample-bolt/core/shop/lay-run';

/** A share whose process was not heard of for so long was lost with it, ms. */
export const LOST_AFTER = 15_000;

/** What is searched, but for the seed and the way of folding, which each share has of its own. */
export type RunTask = Omit<LayTask, 'fold' | 'seed' | 'holding'>;

/** A part of a search, for one processor at a time. */
export interface KeptShare {
  readonly id: string;
  readonly runId: string;
  readonly seed: number;
  readonly fold: LayWay | null;
  readonly seconds: number;
  /** Seconds of it that are done: what an interruption leaves of a share is searched later. */
  readonly spent: number;
  readonly starts: number;
  readonly state: 'waiting' | 'working' | 'done';
}

/** A search as its shares need it. */
export interface KeptRun {
  readonly id: string;
  readonly ticketId: string;
  readonly state: LayRun['state'];
  readonly folds: readonly LayWay[];
  readonly task: RunTask;
  readonly plans: Readonly<Partial<Record<LayWay, KeptLay>>>;
}

/** Where long searches for lays are kept, and the shares that they are divided into. */
export interface LayRunStore {
  /** The searches of a ticket, one a cloth: the one that runs, or the last. */
  ofTicket(ticketId: string): Promise<LayRun[]>;
  /** The best plans of a search of this ticket so far. */
  plans(ticketId: string, id: string): Promise<RunPlans | undefined>;
  /** Begins a search in the place of the cloth's last one; undefined while that one runs. Resolves to it and the ids of its shares. */
  begin(
    ticketId: string,
    run: {
      readonly role: ClothRole;
      readonly folds: readonly LayWay[];
      readonly task: RunTask;
      readonly seconds: number;
    },
  ): Promise<{ readonly run: LayRun; readonly shareIds: readonly string[] } | undefined>;
  /** Stops a search: what it found stays. One that has ended is left as it is. */
  cancel(ticketId: string, id: string): Promise<LayRun | undefined>;
  fail(id: string, failure: string): Promise<void>;
  /** Ends a search whose shares are all done. */
  endIfDone(id: string): Promise<void>;
  /** Keeps a lay if it is better than the search's best of the same fold. Shares end at the same time: the search is locked meanwhile. */
  keepBetter(id: string, lay: Lay): Promise<boolean>;
  /** A share and the search that it is of. */
  share(id: string): Promise<{ readonly share: KeptShare; readonly run: KeptRun } | undefined>;
  writeShare(id: string, change: Partial<Pick<KeptShare, 'state' | 'spent' | 'starts'>>): Promise<void>;
  state(id: string): Promise<LayRun['state'] | undefined>;
  /** Shares of running searches that are not done: those that wait, and those whose process was lost. */
  unfinishedShares(): Promise<{ readonly waiting: string[]; readonly lost: string[] }>;
}
