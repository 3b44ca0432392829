import { useEffect, useEffectEvent, useRef } from 'react';
import { useKept } from './use-kept.ts';

export interface KeptWords {
  readonly value: string;
  readonly type: (text: string) => void;
  /** Stores what was typed; it stays kept here until it was. */
  readonly leave: () => void;
}

/**
 * A few words that are stored when their field is left, or taken off the screen with the hand still in it; they survive
 * a reload, and a request that failed.
 */
export function useKeptWords(
  key: string,
  stored: string,
  store: (text: string) => Promise<boolean>,
): KeptWords {
  const [typed, keep] = useKept<string>(key);
  const underWay = useRef<string>(undefined);
  const leave = () => {
    if (typed === undefined || typed === underWay.current) return;
    if (typed === stored) {
      keep(() => undefined);
      return;
    }
    underWay.current = typed;
    void store(typed).then((done) => {
      underWay.current = undefined;
      keep((held) => (done && held === typed ? undefined : held));
    });
  };
  const gone = useEffectEvent(leave);
  useEffect(() => () => gone(), []);
  return { value: typed ?? stored, type: (text) => keep(() => text), leave };
}
