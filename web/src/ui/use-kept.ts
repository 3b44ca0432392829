import { useCallback, useRef, useState } from 'react';
import { useKeptStore } from './kept-context.ts';

export type Keep<T> = (change: (held: T | undefined) => T | undefined) => void;

/**
 * State that survives a reload: what is typed and not yet stored on the server. Changed by a function of what is held,
 * so that an answer that comes late cannot undo what was typed meanwhile, even when the field has left the screen;
 * `undefined` forgets it.
 */
export function useKept<T>(key: string): [T | undefined, Keep<T>] {
  const store = useKeptStore();
  // What is kept under a key was put there by the one field that has it.
  const read = () => store.get(key) as T | undefined;
  const [held, setHeld] = useState(() => ({ key, value: read() }));
  if (held.key !== key) setHeld({ key, value: read() });
  const newest = useRef(held);
  const keep = useCallback<Keep<T>>(
    (change) => {
      const before = newest.current.key === key ? newest.current.value : (store.get(key) as T | undefined);
      newest.current = { key, value: change(before) };
      store.set(key, newest.current.value);
      setHeld(newest.current);
    },
    [key, store],
  );
  return [held.value, keep];
}
