import { useState } from 'react';
import { useKept } from '../../ui/use-kept.ts';

export interface KeptPart<T> {
  /** As it was last set here, whether or not the shop computer has it yet. */
  readonly value: T;
  readonly set: (value: T) => void;
  readonly failure: string | undefined;
}

/** A part of the ticket that changes faster than it is stored: shown at once, kept here until the shop computer has it. */
export function useKeptPart<T>(key: string, stored: T, store: (value: T) => Promise<unknown>): KeptPart<T> {
  const [kept, keep] = useKept<T>(key);
  const [failure, setFailure] = useState<string>();
  const set = (value: T) => {
    keep(() => value);
    store(value)
      .then(() => {
        setFailure(undefined);
        // What was set while this one was on its way is newer and stays.
        keep((held) => (held === value ? undefined : held));
      })
      .catch((error: unknown) => setFailure(error instanceof Error ? error.message : 'Not stored yet.'));
  };
  return { value: kept ?? stored, set, failure };
}
