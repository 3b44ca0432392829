import { useCallback, useState } from 'react';

const read = <T>(key: string): T | undefined => {
  try {
    const text = window.localStorage.getItem(key);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
};

const write = (key: string, value: unknown): void => {
  try {
    if (value === undefined) window.localStorage.removeItem(key);
    else window.localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // A full or forbidden store only costs the draft's survival of a reload.
  }
};

export type Keep<T> = (change: (held: T | undefined) => T | undefined) => void;

/**
 * State that survives a reload: what is typed and not yet stored on the server. Changed by a function of what is held,
 * so that an answer that comes late cannot undo what was typed meanwhile; `undefined` forgets it.
 */
export function useKept<T>(key: string): [T | undefined, Keep<T>] {
  const [held, setHeld] = useState(() => ({ key, value: read<T>(key) }));
  if (held.key !== key) setHeld({ key, value: read<T>(key) });
  const keep = useCallback<Keep<T>>(
    (change) =>
      setHeld((before) => {
        const value = change(before.key === key ? before.value : read<T>(key));
        write(key, value);
        return { key, value };
      }),
    [key],
  );
  return [held.value, keep];
}
