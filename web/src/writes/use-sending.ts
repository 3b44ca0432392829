import { withUnit } from '@ample-bolt/core/units/with-unit';
import type { Unit } from '@ample-bolt/core/units/length';
import { useState } from 'react';
import { wasLeftOut } from './ticket-line.ts';

type Typed = { readonly [id: string]: string };

export interface Sending {
  /** What is typed and not on its way yet. */
  readonly unsent: Typed;
  /** Sends lengths, each with the unit that it was typed in; says whether they were stored. */
  readonly send: (lengths: Typed, put: (withUnits: Typed) => Promise<unknown>) => Promise<boolean>;
  /** Why the last of it was refused. */
  readonly failure: string | undefined;
}

/** Sends what is typed once, however often it is asked to, and forgets it when it is stored or given up. */
export function useSending(ready: Typed, unit: Unit, forget: (stored: Typed) => void): Sending {
  const [underWay, setUnderWay] = useState<Typed>({});
  const [failure, setFailure] = useState<string>();
  const unsent = Object.fromEntries(Object.entries(ready).filter(([id, text]) => underWay[id] !== text));
  return {
    unsent,
    failure,
    send: async (lengths, put) => {
      setUnderWay((held) => ({ ...held, ...lengths }));
      try {
        await put(
          Object.fromEntries(Object.entries(lengths).map(([id, text]) => [id, withUnit(text, unit)])),
        );
        forget(lengths);
        setFailure(undefined);
        return true;
      } catch (error) {
        if (wasLeftOut(error)) forget(lengths);
        setFailure(error instanceof Error ? error.message : 'Not stored yet.');
        return false;
      } finally {
        setUnderWay((held) =>
          Object.fromEntries(Object.entries(held).filter(([id, text]) => lengths[id] !== text)),
        );
      }
    },
  };
}
