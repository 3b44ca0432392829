import { layWays } from '@ample-bolt/core/lay/model/lay';
import { Button } from '../../../ui/Button.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { PinnedFirst } from './PinnedFirst.tsx';
import { usePlanned } from './planning-context.ts';
import { TooShort } from './TooShort.tsx';
import { FIRST_SEARCH } from './use-planning.ts';

/** What stands in the way of a plan, or has to be answered before one is taken. */
export function PlanNotices() {
  const { unit } = useTicketContext().ticket;
  const planning = usePlanned();
  const { pinned, plans, stale, short, shown, cloth, search, together, show, storing } = planning;
  const instead =
    together.with.length > 0
      ? 'Leave a ticket out, or take more of it.'
      : pinned && `Plan the ${pinned.under} shorter, or take more of this cloth.`;
  const failure = storing.failure ?? search.failure;
  return (
    <>
      {pinned && plans.possible.length === 0 && <PinnedFirst pinned={pinned} plans={plans.all} unit={unit} />}
      {stale && (
        <Notice tone="care">
          The chosen lay no longer fits: pieces or cloth were changed after it. Choose one again.
        </Notice>
      )}
      {shown && short > 0 && (
        <TooShort
          lay={shown}
          cloth={cloth}
          searching={search.running !== undefined}
          plans={plans.lays}
          instead={instead}
          onShow={show}
          onMadeToFit={planning.madeToFit}
        />
      )}
      {storing.asking && (
        <Notice
          tone="care"
          action={
            <span className="flex gap-2">
              <Button look="quiet" onClick={() => storing.answer(false)}>
                Keep it
              </Button>
              <Button onClick={() => storing.answer(true)}>Start the chalk again</Button>
            </span>
          }
        >
          {planning.marksDone} marks are chalked on the plan before. With another plan every piece lies
          elsewhere.
        </Notice>
      )}
      {failure && (
        <Notice
          tone="stop"
          action={
            <Button
              onClick={() => {
                storing.dismiss();
                search.anew(layWays, FIRST_SEARCH);
              }}
            >
              Plan again
            </Button>
          }
        >
          {failure}
        </Notice>
      )}
    </>
  );
}
