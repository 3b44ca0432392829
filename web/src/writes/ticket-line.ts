import { compareContents, type ContentChange } from '@ample-bolt/core/shop/compare-contents';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { ApiProblem, isOutOfReach } from '../api/fetcher.ts';
import { conflictsOf, touchedBy, type Conflict } from './touched.ts';
import type { TicketChange } from './ticket-changes.ts';

/** A change that was made here and is not stored. */
export interface WaitingChange {
  readonly made: TicketChange;
  /** What others changed since it was made. */
  readonly foreign: readonly ContentChange[];
  /** Leave to draw pieces under the chalk anew. */
  readonly release?: true;
}

/** Why a line stands still. */
export type Held =
  /** The shop computer is out of reach; it goes on by itself. */
  | { readonly kind: 'offline' }
  /** Another hand changed the same field: somebody has to say which holds. */
  | { readonly kind: 'conflict'; readonly conflicts: readonly Conflict[] }
  /** It would draw pieces anew that are under the chalk. */
  | { readonly kind: 'frozen'; readonly problem: ApiProblem };

/** The changes of one ticket that wait here, in the order in which they were made. */
export interface LineState {
  /** The newest ticket that is known, without what waits. */
  readonly known: Ticket;
  readonly waiting: readonly WaitingChange[];
  readonly held: Held | undefined;
  /** Why changes were refused that nobody waited for any more: they were made before the page was loaded. */
  readonly refusals: readonly string[];
}

export interface LineDependencies {
  /** Sends a change on a version; resolves to the ticket as stored, or fails with an ApiProblem. */
  readonly send: (
    ticketId: string,
    made: TicketChange,
    on: { readonly version: number; readonly release?: true },
  ) => Promise<Ticket>;
  /** Called with every new state. */
  readonly onState: (state: LineState) => void;
}

export interface TicketLine {
  readonly state: () => LineState;
  /** Resolves once it is stored; fails when it is refused, by the shop computer or by whoever decides. */
  readonly add: (made: TicketChange) => Promise<Ticket>;
  /** A newer ticket was seen. */
  readonly learn: (ticket: Ticket) => void;
  /** Tries again what waits, unless somebody has to decide first. */
  readonly retry: () => void;
  /** What is to become of the change that is held: put it after all, or leave it out. */
  readonly decide: (put: boolean) => void;
  /** The refusals were read. */
  readonly dismiss: () => void;
}

/** A change that was given up here, because of others or of the chalk: what was typed for it is void. */
const leftOut = (detail: string): ApiProblem => new ApiProblem(409, 'left-out', detail, undefined);

/** Whether somebody decided against a change. */
export const wasLeftOut = (error: unknown): boolean =>
  error instanceof ApiProblem && error.code === 'left-out';

interface Waiter {
  readonly resolve: (ticket: Ticket) => void;
  readonly reject: (error: unknown) => void;
}

/**
 * Sends the changes of one ticket, one after the other, each on the newest ticket. What others change meanwhile is no hindrance
 * unless it is in the same field: then the line stands still and shows both values until somebody decides.
 */
export function ticketLine(start: LineState, { send, onState }: LineDependencies): TicketLine {
  let state = start;
  let busy = false;
  /** Seen while a change was on its way: whether that change is in it is known when its answer is here. */
  let seen: Ticket | undefined;
  const waiters = new WeakMap<TicketChange, Waiter>();

  const become = (next: Partial<LineState>) => {
    state = { ...state, ...next };
    onState(state);
  };
  const know = (ticket: Ticket) => {
    if (ticket.version <= state.known.version) return;
    const changes = compareContents(state.known, ticket);
    const waiting = state.waiting.map((each) => ({ ...each, foreign: [...each.foreign, ...changes] }));
    become({ known: ticket, waiting });
  };
  /** Takes the first change off the line. */
  const done = (next: Partial<LineState>, tell: (waiter: Waiter) => void) => {
    const [first, ...waiting] = state.waiting;
    become({ ...next, waiting });
    const waiter = first && waiters.get(first.made);
    if (waiter) tell(waiter);
  };
  const refuse = (error: unknown) => {
    const [first] = state.waiting;
    const words = error instanceof Error ? error.message : 'A change was refused.';
    const isAwaited = first !== undefined && waiters.has(first.made);
    const refusals = isAwaited || wasLeftOut(error) ? state.refusals : [...state.refusals, words];
    done({ held: undefined, refusals }, ({ reject }) => reject(error));
  };

  /** One try of the first change; says whether the line goes on. */
  async function step(first: WaitingChange): Promise<boolean> {
    const touched = touchedBy(first.made);
    const conflicts = conflictsOf(touched ?? [], first.foreign, state.known);
    if (conflicts.length > 0) {
      become({ held: { kind: 'conflict', conflicts } });
      return false;
    }
    try {
      const { version } = state.known;
      const stored = await send(state.known.id, first.made, {
        version,
        ...(first.release && { release: true }),
      });
      done({ known: stored, held: undefined }, ({ resolve }) => resolve(stored));
      return true;
    } catch (error) {
      if (isOutOfReach(error) && touched) {
        become({ held: { kind: 'offline' } });
        return false;
      }
      if (error instanceof ApiProblem && error.code === 'stale') {
        know(error.body['current'] as Ticket);
        if (!touched) refuse(error);
        return true;
      }
      if (error instanceof ApiProblem && error.code === 'frozen') {
        become({ held: { kind: 'frozen', problem: error } });
        return false;
      }
      refuse(error);
      return true;
    }
  }

  async function go(): Promise<void> {
    if (busy) return;
    busy = true;
    for (let first = state.waiting[0]; first; first = state.waiting[0]) {
      const goesOn = await step(first);
      if (seen) know(seen);
      seen = undefined;
      if (!goesOn) break;
    }
    busy = false;
  }

  const isDecided = () => state.held === undefined || state.held.kind === 'offline';

  return {
    state: () => state,
    learn: (ticket) => {
      if (!busy) know(ticket);
      else if (ticket.version > (seen?.version ?? 0)) seen = ticket;
    },
    add: (made) =>
      new Promise((resolve, reject) => {
        waiters.set(made, { resolve, reject });
        become({ waiting: [...state.waiting, { made, foreign: [] }] });
        if (isDecided()) void go();
      }),
    retry: () => {
      if (isDecided() && state.waiting.length > 0) void go();
    },
    decide: (put) => {
      const { held } = state;
      const [first, ...rest] = state.waiting;
      if (!first || held === undefined || held.kind === 'offline') return;
      if (put) {
        const released = held.kind === 'frozen' ? { release: true as const } : { foreign: [] };
        become({ waiting: [{ ...first, ...released }, ...rest], held: undefined });
      } else if (held.kind === 'frozen') {
        // Made by the same hand while it was asked: the answer was for all of them.
        const words = 'Not changed: the pieces stay as they are chalked.';
        for (const { made } of [first, ...rest]) waiters.get(made)?.reject(leftOut(words));
        become({ waiting: [], held: undefined });
      } else refuse(leftOut('Left out: what the other hand put there stays.'));
      void go();
    },
    dismiss: () => become({ refusals: [] }),
  };
}
