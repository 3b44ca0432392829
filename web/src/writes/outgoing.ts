import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { tableLine, type TableLine, type TableLineDependencies, type TableLineState } from './table-line.ts';
import { ticketLine, type LineDependencies, type LineState, type TicketLine } from './ticket-line.ts';

/** Keeps what waits over a reload. */
export interface LineStore<State> {
  readonly load: () => Promise<readonly State[]>;
  readonly save: (state: State) => void;
}

export interface OutgoingDependencies extends Pick<LineDependencies, 'send'> {
  readonly store: LineStore<LineState>;
  readonly tables: Pick<TableLineDependencies, 'send' | 'onStored'> & {
    readonly store: LineStore<TableLineState>;
  };
  /** Puts a ticket on screen wherever it is shown. */
  readonly show: (ticket: Ticket) => void;
}

/** The lines of all tickets, and of their tables. */
export interface Outgoing {
  /** The line of a ticket; what it knows is at least this ticket. */
  readonly lineOf: (ticket: Ticket) => TicketLine;
  /** Lines on which something waits, or has to be told. */
  readonly standing: () => readonly LineState[];
  readonly stateOf: (ticketId: string) => LineState | undefined;
  readonly tableOf: (ticketId: string) => TableLine;
  /** Tables of which something is not counted yet. */
  readonly tablesStanding: () => readonly TableLineState[];
  readonly subscribe: (changed: () => void) => () => void;
  readonly retry: () => void;
  /** Goes on with what was left waiting when the page was last closed; before any line is asked for. */
  readonly resume: () => Promise<void>;
}

const isStanding = ({ waiting, refusals }: LineState): boolean => waiting.length > 0 || refusals.length > 0;

/** One line for each ticket, of all that pages of this device left: what others changed counts from the oldest ticket that one of them knew. */
function joined(states: readonly LineState[]): LineState[] {
  const byTicket = new Map<string, LineState>();
  for (const state of states) {
    const before = byTicket.get(state.known.id);
    const [older = state] = [state, before ?? state].sort((a, b) => a.known.version - b.known.version);
    const waiting = [...(before?.waiting ?? []), ...state.waiting];
    byTicket.set(state.known.id, { known: older.known, waiting, held: undefined, refusals: [] });
  }
  return [...byTicket.values()];
}

export function outgoing({ send, store, show, tables }: OutgoingDependencies): Outgoing {
  const lines = new Map<string, TicketLine>();
  const tableLines = new Map<string, TableLine>();
  const listeners = new Set<() => void>();
  let standing: readonly LineState[] = [];
  let tablesStanding: readonly TableLineState[] = [];

  const refresh = () => {
    standing = [...lines.values()].map((line) => line.state()).filter(isStanding);
    tablesStanding = [...tableLines.values()]
      .map((table) => table.state())
      .filter(({ waiting }) => waiting.length > 0);
    for (const changed of listeners) changed();
  };
  const open = (state: LineState): TicketLine => {
    let known = state.known;
    const line = ticketLine(state, {
      send,
      onState: (next) => {
        store.save(next);
        if (next.known !== known) show(next.known);
        known = next.known;
        refresh();
      },
    });
    lines.set(state.known.id, line);
    return line;
  };
  const openTable = (state: TableLineState): TableLine => {
    const table = tableLine(state, {
      ...tables,
      onState: (next) => {
        tables.store.save(next);
        refresh();
      },
    });
    tableLines.set(state.ticketId, table);
    return table;
  };
  const tableOf = (ticketId: string): TableLine =>
    tableLines.get(ticketId) ?? openTable({ ticketId, waiting: [], offline: false, refusal: undefined });
  return {
    tableOf,
    tablesStanding: () => tablesStanding,
    lineOf: (ticket) =>
      lines.get(ticket.id) ?? open({ known: ticket, waiting: [], held: undefined, refusals: [] }),
    standing: () => standing,
    stateOf: (ticketId) => lines.get(ticketId)?.state(),
    subscribe: (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
    retry: () => {
      for (const line of lines.values()) line.retry();
      for (const table of tableLines.values()) table.retry();
    },
    resume: async () => {
      for (const state of joined(await store.load())) open(state).retry();
      for (const { ticketId, waiting } of await tables.store.load()) tableOf(ticketId).add(waiting);
      refresh();
    },
  };
}
