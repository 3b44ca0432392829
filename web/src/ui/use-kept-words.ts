import { useKept } from './use-kept.ts';

export interface KeptWords {
  readonly value: string;
  readonly type: (text: string) => void;
  /** Stores what was typed; it stays kept here until it was. */
  readonly leave: () => void;
}

/** A few words that are stored when their field is left; they survive a reload, and a request that failed. */
export function useKeptWords(
  key: string,
  stored: string,
  store: (text: string) => Promise<boolean>,
): KeptWords {
  const [typed, keep] = useKept<string>(key);
  return {
    value: typed ?? stored,
    type: (text) => keep(() => text),
    leave: () => {
      if (typed === undefined) return;
      if (typed === stored) keep(() => undefined);
      else void store(typed).then((done) => keep((held) => (done && held === typed ? undefined : held)));
    },
  };
}
