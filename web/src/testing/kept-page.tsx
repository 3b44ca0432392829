import type { ReactNode } from 'react';
import { KeptContext } from '../ui/kept-context.ts';
import type { KeptStore } from '../ui/kept-store.ts';

/** What a device keeps, for as long as a test. */
function keptInMemory(): KeptStore {
  const held = new Map<string, unknown>();
  return {
    get: (key) => held.get(key),
    set: (key, value) => void (value === undefined ? held.delete(key) : held.set(key, value)),
    isFailing: () => false,
    fail: () => undefined,
    subscribe: () => () => undefined,
  };
}

/** A page on a device; one more page with the same store is that page after a reload. */
export const keptPage =
  (store = keptInMemory()) =>
  ({ children }: { readonly children: ReactNode }) => <KeptContext value={store}>{children}</KeptContext>;
