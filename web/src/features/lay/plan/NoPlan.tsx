import type { Unit } from '@ample-bolt/core/units/length';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import type { FoldPlan } from '../search/use-lay-search.ts';

/** In place of a lay that cannot be: what stands in the way of the cloth laid open, and what to do. */
export function NoPlan({ plans, unit }: { readonly plans: readonly FoldPlan[]; readonly unit: Unit }) {
  const obstacle =
    plans.find(({ fold }) => fold === 'open')?.obstacle ?? plans.find((plan) => plan.obstacle)?.obstacle;
  const words = obstacle && findingWords(obstacle, unit);
  return (
    <div className="p-8 text-center text-walnut-2">
      <p className="font-semibold">No plan fits this cloth.</p>
      {words && (
        <p className="pt-2">
          {words.message} {words.remedy}
        </p>
      )}
    </div>
  );
}
