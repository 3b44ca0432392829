import { useCallback, useRef, useState } from 'react';

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
 * so that an answer that comes late cannot undo what was typed meanwhile, even when the field has left the screen;
 * `undefined` forgets it.
 */
export function useKept<T>(key: string): [T | undefined, Keep<T>] {
  const [held, setHeld] = useState(() => ({ key, value: read<T>(key) }));
  if (held.key !== key) setHeld({ key, value: read<T>(key) });
  const newest = useRef(held);
  const keep = useCallback<Keep<T>>(
    (change) => {
      const before = newest.current.key === key ? newest.current.value : read<T>(key);
      newest.current = { key, value: change(before) };
      write(key, newest.current.value);
      setHeld(newest.current);
    },
    [key],
  );
  return [held.value, keep];
}
