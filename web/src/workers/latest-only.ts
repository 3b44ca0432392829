/** Work that is asked for again and again, of which only the newest is wanted. */
export interface LatestOnly {
  /** Does the work now, or once what is under way is done, unless something newer is asked until then; the answer withdraws it. */
  readonly ask: (work: () => Promise<void>) => () => void;
}

/** Does one piece of work at a time: under a hand that drags, what was asked in between is passed over. */
export function latestOnly(): LatestOnly {
  let isBusy = false;
  let waiting: (() => Promise<void>) | undefined;
  const start = (work: () => Promise<void>): void => {
    isBusy = true;
    void work().finally(() => {
      isBusy = false;
      const next = waiting;
      waiting = undefined;
      if (next) start(next);
    });
  };
  return {
    ask: (work) => {
      if (isBusy) waiting = work;
      else start(work);
      return () => {
        if (waiting === work) waiting = undefined;
      };
    },
  };
}
