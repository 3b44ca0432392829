import type { Unit } from '@ample-bolt/core/units/length';
import { textIn, type TypedLength } from './typed-length.ts';
import { useKept } from './use-kept.ts';

export interface KeptLengths {
  /** What is typed and not stored, by field, as it reads in the page's unit. */
  readonly typed: { readonly [id: string]: string };
  readonly type: (id: string, text: string) => void;
  /** Forgets what was stored; what was typed while it was on its way stays. */
  readonly forget: (stored: { readonly [id: string]: string }) => void;
}

/** Lengths that survive a reload, and a change of the page's unit, until they are stored. */
export function useKeptLengths(key: string, unit: Unit): KeptLengths {
  const [held = {}, keep] = useKept<{ readonly [id: string]: TypedLength }>(key);
  return {
    typed: Object.fromEntries(Object.entries(held).map(([id, length]) => [id, textIn(length, unit)])),
    type: (id, text) => keep((before) => ({ ...before, [id]: { text, unit } })),
    forget: (stored) =>
      keep((before = {}) => {
        const rest = Object.entries(before).filter(([id, length]) => stored[id] !== textIn(length, unit));
        return rest.length > 0 ? Object.fromEntries(rest) : undefined;
      }),
  };
}
