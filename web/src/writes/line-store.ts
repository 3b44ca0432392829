import { del, delMany, entries, set } from 'idb-keyval';
import type { LineStore } from './outgoing.ts';
import type { LineState } from './ticket-line.ts';

const PREFIX = 'line ';

/**
 * Lines kept in the browser's database, each under its ticket and the page that made it: two pages of one device do not wipe
 * out each other's. An empty line is not kept.
 */
export function lineStore(onFailure: () => void): LineStore {
  const page = `${Date.now().toString(36)}${Math.random().toString(36).slice(2)}`;
  return {
    load: async () => {
      const all = await entries<string, LineState>().catch(() => []);
      const kept = all.filter(([key]) => key.startsWith(PREFIX));
      await delMany(kept.map(([key]) => key)).catch(onFailure);
      return kept.map(([, state]) => state);
    },
    save: (state) => {
      const key = `${PREFIX}${state.known.id} ${page}`;
      const isEmpty = state.waiting.length === 0;
      // What holds a line is found again when it is tried; an error cannot be kept.
      (isEmpty ? del(key) : set(key, { ...state, held: undefined })).catch(onFailure);
    },
  };
}
