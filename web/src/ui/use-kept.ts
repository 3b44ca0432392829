import { useCallback, useState } from 'react';

const read = <T>(key: string): T | undefined => {
  try {
    const text = window.localStorage.getItem(key);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
};

/** State that survives a reload: what is typed and not yet stored on the server. `undefined` forgets it. */
export function useKept<T>(key: string): [T | undefined, (value: T | undefined) => void] {
  const [held, setHeld] = useState(() => ({ key, value: read<T>(key) }));
  if (held.key !== key) setHeld({ key, value: read<T>(key) });
  const keep = useCallback(
    (value: T | undefined) => {
      setHeld({ key, value });
      try {
        if (value === undefined) window.localStorage.removeItem(key);
        else window.localStorage.setItem(key, JSON.stringify(value));
      } catch {
        // A full or forbidden store only costs the draft's survival of a reload.
      }
    },
    [key],
  );
  return [held.value, keep];
}
