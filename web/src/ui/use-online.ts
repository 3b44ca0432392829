import { useSyncExternalStore } from 'react';

function watch(changed: () => void): () => void {
  window.addEventListener('online', changed);
  window.addEventListener('offline', changed);
  return () => {
    window.removeEventListener('online', changed);
    window.removeEventListener('offline', changed);
  };
}

/** Whether this device has a network at all. */
export const useOnline = (): boolean => useSyncExternalStore(watch, () => navigator.onLine);
