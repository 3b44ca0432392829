import { del, delMany, entries, set } from 'idb-keyval';
import type { LineStore } from './outgoing.ts';
import type { TableLineState } from './table-line.ts';
import type { LineState } from './ticket-line.ts';

/**
 * Lines kept in the browser's database, each under its ticket and the page that made it: two pages of one device do not wipe
 * out each other's. An empty line is not kept.
 */
function keptLines<State extends { readonly waiting: readonly unknown[] }>(
  prefix: string,
  ticketOf: (state: State) => string,
  onFailure: () => void,
): LineStore<State> {
  const page = `${Date.now().toString(36)}${Math.random().toString(36).slice(2)}`;
  return {
    load: async () => {
      const all = await entries<string, State>().catch(() => []);
      const kept = all.filter(([key]) => key.startsWith(prefix));
      await delMany(kept.map(([key]) => key)).catch(onFailure);
      return kept.map(([, state]) => state);
    },
    save: (state) => {
      const key = `${prefix}${ticketOf(state)} ${page}`;
      (state.waiting.length === 0 ? del(key) : set(key, state)).catch(onFailure);
    },
  };
}

export function lineStore(onFailure: () => void): LineStore<LineState> {
  const kept = keptLines<LineState>('line ', ({ known }) => known.id, onFailure);
  // What holds a line is found again when it is tried; an error cannot be kept.
  return { ...kept, save: (state) => kept.save({ ...state, held: undefined }) };
}

export const tableStore = (onFailure: () => void): LineStore<TableLineState> =>
  keptLines<TableLineState>('table ', ({ ticketId }) => ticketId, onFailure);
