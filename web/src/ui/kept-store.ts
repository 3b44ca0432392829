import { createStore, del, delMany, entries, promisifyRequest } from 'idb-keyval';

/** Something typed and not stored, and when it was last touched. */
interface KeptValue {
  readonly value: unknown;
  readonly at: number;
}

/** Holds over a reload what is typed and not yet stored; reads at once, writes behind. */
export interface KeptStore {
  readonly get: (key: string) => unknown;
  /** Undefined forgets it. */
  readonly set: (key: string, value: unknown) => void;
  /** Whether this device refuses to keep anything: what is typed then lasts as long as the page. */
  readonly isFailing: () => boolean;
  readonly fail: () => void;
  readonly subscribe: (changed: () => void) => () => void;
}

const PREFIX = 'kept ';

/** The database that the package keeps by itself. */
const own = createStore('keyval-store', 'keyval');

/** Writes at once: committed before anything else happens, it is kept even where the page is left in the next moment. */
const putNow = (key: string, value: KeptValue): Promise<void> =>
  own('readwrite', (objects) => {
    objects.put(value, key);
    objects.transaction.commit();
    return promisifyRequest(objects.transaction);
  });

/** What a device was told of itself is not forgotten. */
const OWN = `${PREFIX}own-`;

/** What nobody came back to for so long is thrown away, ms. */
const FORGOTTEN = 60 * 86_400_000;

/** What of the database is kept, read once: a field must know what stands in it when it is first drawn. */
export async function openKeptStore(now: number): Promise<KeptStore> {
  let failing = false;
  const listeners = new Set<() => void>();
  const fail = () => {
    if (failing) return;
    failing = true;
    for (const changed of listeners) changed();
  };
  const found = await entries<string, KeptValue>().catch(() => {
    fail();
    return [];
  });
  const kept = found.filter(([key]) => key.startsWith(PREFIX));
  const old = kept
    .filter(([key, { at }]) => now - at > FORGOTTEN && !key.startsWith(OWN))
    .map(([key]) => key);
  if (old.length > 0) delMany(old).catch(fail);
  const held = new Map(
    kept.filter(([key]) => !old.includes(key)).map(([key, { value }]) => [key.slice(PREFIX.length), value]),
  );
  return {
    get: (key) => held.get(key),
    set: (key, value) => {
      if (value === undefined) {
        if (held.delete(key)) del(PREFIX + key).catch(fail);
        return;
      }
      held.set(key, value);
      putNow(PREFIX + key, { value, at: Date.now() }).catch(fail);
    },
    isFailing: () => failing,
    fail,
    subscribe: (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
  };
}
