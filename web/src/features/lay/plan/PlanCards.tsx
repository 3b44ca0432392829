import type { Lay } from '@ample-bolt/core/lay/model/lay';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { PlanCard } from './PlanCard.tsx';
import { usePlanned } from './planning-context.ts';

/** The plans side by side: one for each way of folding, the chosen one, and what a hand made. */
export function PlanCards() {
  const { unit } = useTicketContext().ticket;
  const { plans, chosen, shown, cloth, search, byHand, minutesOf, show } = usePlanned();
  const common = { inHand: cloth.length, price: cloth.price, unit };
  const alone = (lay: Lay) => ({
    plan: { fold: lay.fold, lay, work: 0 },
    minutes: minutesOf(lay),
    running: false,
  });
  return (
    <div className="flex min-w-0 grow gap-3 max-lg:shrink-0 max-lg:grow-0 max-lg:snap-x max-lg:overflow-x-auto max-lg:p-0.5">
      {plans.possible.map((plan) => (
        <PlanCard
          key={plan.fold}
          {...common}
          plan={plan}
          minutes={plan.lay && minutesOf(plan.lay)}
          shown={shown !== undefined && plan.lay === shown}
          chosen={chosen !== undefined && plan.lay === chosen}
          running={search.running === plan.fold}
          onShow={() => show(plan.fold)}
        />
      ))}
      {chosen && !plans.lays.includes(chosen) && (
        <PlanCard
          {...common}
          {...alone(chosen)}
          shown={shown === chosen}
          chosen
          onShow={() => show(undefined)}
        />
      )}
      {byHand.lay && (
        <PlanCard
          {...common}
          {...alone(byHand.lay)}
          name="By hand"
          shown={byHand.isOn}
          chosen={false}
          onShow={() => show('hand')}
        />
      )}
    </div>
  );
}
