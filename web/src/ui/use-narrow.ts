import { useSyncExternalStore } from 'react';

/** A phone held upright; the same width at which the `max-md` styles begin. */
const query = () => window.matchMedia('(max-width: 767px)');

const subscribe = (changed: () => void) => {
  const media = query();
  media.addEventListener('change', changed);
  return () => media.removeEventListener('change', changed);
};

export const useNarrow = (): boolean => useSyncExternalStore(subscribe, () => query().matches);
