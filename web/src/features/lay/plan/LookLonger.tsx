import type { LayWay } from '@ample-bolt/core/lay/model/lay';
import { Popover } from 'radix-ui';
import { Button, buttonClass } from '../../../ui/Button.tsx';
import { searchStanding } from '../search/search-standing.ts';
import type { LongSearch } from '../search/use-long-search.ts';

/** Minutes of searching that are offered: the kettle, the tea, the night. */
const MINUTES = [2, 10, 45];

interface LookLongerProps {
  readonly long: LongSearch;
  /** The ways of folding that it looks at: the one that was picked, or all. */
  readonly folds: readonly LayWay[];
}

/** Begins, shows and stops a search at the shop's computer. */
export function LookLonger({ long, folds }: LookLongerProps) {
  const { run, failure } = long;
  const running = run?.state === 'running';
  return (
    <div className="flex min-w-0 items-center gap-2 text-sm">
      {running ? (
        <Button look="quiet" onClick={long.stop}>
          Stop looking
        </Button>
      ) : (
        <Popover.Root>
          <Popover.Trigger className={buttonClass('quiet')}>Look longer</Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              aria-label="How long to look"
              align="end"
              sideOffset={6}
              className="z-20 w-80 rounded-soft border border-walnut bg-chalk p-4"
            >
              <p className="text-[15px]">
                The shop’s computer goes on looking for a shorter lay. This page may be closed meanwhile, and
                the computer started again; what it finds comes up here.
              </p>
              <div className="mt-3 flex gap-2">
                {MINUTES.map((count) => (
                  <Popover.Close key={count} asChild>
                    <Button
                      look="outline"
                      className="min-h-11 grow px-2"
                      onClick={() => long.begin(folds, 60 * count)}
                    >
                      {count} min
                    </Button>
                  </Popover.Close>
                ))}
              </div>
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      )}
      {running && (
        <span
          role="progressbar"
          aria-label="The long search"
          aria-valuemin={0}
          aria-valuemax={Math.round(run.seconds)}
          aria-valuenow={Math.round(run.spent)}
          className="h-2 w-12 shrink-0 overflow-hidden rounded-[2px] bg-linen-2"
        >
          <span className="block h-full bg-indigo" style={{ width: `${(100 * run.spent) / run.seconds}%` }} />
        </span>
      )}
      <span
        role="status"
        className={`truncate ${failure || run?.state === 'failed' ? 'text-madder' : 'text-walnut-2'}`}
      >
        {failure ?? searchStanding(run)}
      </span>
    </div>
  );
}
