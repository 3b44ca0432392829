import { createContext, useContext, useSyncExternalStore } from 'react';
import type { KeptStore } from './kept-store.ts';

export const KeptContext = createContext<KeptStore | undefined>(undefined);

export function useKeptStore(): KeptStore {
  const store = useContext(KeptContext);
  if (!store) throw new Error('a page keeps what is typed outside of KeptContext');
  return store;
}

/** Whether this device keeps nothing over a reload. */
export function useKeepsNothing(): boolean {
  const { subscribe, isFailing } = useKeptStore();
  return useSyncExternalStore(subscribe, isFailing);
}
