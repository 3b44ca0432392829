import { del, delMany, entries, set } from 'idb-keyval';
import { v4 as uuid } from 'uuid';
import type { LineStore } from './outgoing.ts';
import type { TableLineState } from './table-line.ts';
import type { LineState } from './ticket-line.ts';

/** This page among those of the device. */
const page = uuid();

const lockOf = (which: string): string => `page ${which}`;

/** Holds for as long as the page is open that it is; browsers offer it where the connection is safe. */
function standOpen({ locks }: Partial<Pick<Navigator, 'locks'>>): void {
  void locks?.request(lockOf(page), () => new Promise(() => undefined)).catch(() => undefined);
}

async function openPages({ locks }: Partial<Pick<Navigator, 'locks'>>): Promise<readonly string[]> {
  const { held = [] } = (await locks?.query()) ?? {};
  return held.flatMap(({ name }) => name ?? []);
}

/**
 * Lines kept in the browser's database, each under its ticket and the page that made it: two pages of one device do not wipe
 * out each other's, and what a page that is still open has waiting is its own to send. An empty line is not kept.
 */
function keptLines<State extends { readonly waiting: readonly unknown[] }>(
  kind: 'line' | 'table',
  ticketOf: (state: State) => string,
  onFailure: () => void,
): LineStore<State> {
  return {
    load: async () => {
      const all = await entries<string, State>().catch(() => []);
      const open = await openPages(navigator).catch((): string[] => []);
      const left = all.filter(([key]) => {
        const [its, , from = ''] = key.split(' ');
        return its === kind && !open.includes(lockOf(from));
      });
      await delMany(left.map(([key]) => key)).catch(onFailure);
      return left.map(([, state]) => state);
    },
    save: (state) => {
      const key = [kind, ticketOf(state), page].join(' ');
      (state.waiting.length === 0 ? del(key) : set(key, state)).catch(onFailure);
    },
  };
}

export function lineStore(onFailure: () => void): LineStore<LineState> {
  standOpen(navigator);
  const kept = keptLines<LineState>('line', ({ known }) => known.id, onFailure);
  // What holds a line is found again when it is tried; an error cannot be kept.
  return { ...kept, save: (state) => kept.save({ ...state, held: undefined }) };
}

export const tableStore = (onFailure: () => void): LineStore<TableLineState> =>
  keptLines<TableLineState>('table', ({ ticketId }) => ticketId, onFailure);
