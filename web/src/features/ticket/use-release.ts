import { useCallback, useState } from 'react';
import type { ApiProblem } from '../../api/fetcher.ts';

interface Asked {
  readonly problem: ApiProblem;
  readonly answer: (release: boolean) => void;
}

/** Asks whether pieces under the chalk may be drawn anew; one question at a time, as changes are sent one at a time. */
export function useRelease() {
  const [asked, setAsked] = useState<Asked>();
  const ask = useCallback(
    (problem: ApiProblem) =>
      new Promise<boolean>((resolve) => {
        setAsked({
          problem,
          answer: (release) => {
            setAsked(undefined);
            resolve(release);
          },
        });
      }),
    [],
  );
  return { ask, problem: asked?.problem, answer: asked?.answer ?? (() => undefined) };
}
