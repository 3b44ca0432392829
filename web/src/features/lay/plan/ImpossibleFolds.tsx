import type { Unit } from '@ample-bolt/core/units/length';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { Aside } from '../facts/LayFacts.tsx';
import { foldWords } from '../facts/fold-words.ts';
import type { FoldPlan } from '../search/use-lay-search.ts';

/** Ways of folding that this cloth or these pieces forbid, those with the same reason together. */
export function ImpossibleFolds({
  plans,
  unit,
}: {
  readonly plans: readonly FoldPlan[];
  readonly unit: Unit;
}) {
  const reasons = new Map<string, string[]>();
  for (const { fold, obstacle } of plans) {
    // That nothing asks for refolding is no fault of the cloth.
    if (!obstacle || obstacle.code === 'nothing-to-refold') continue;
    const { message } = findingWords(obstacle, unit);
    reasons.set(message, [...(reasons.get(message) ?? []), foldWords[fold].name]);
  }
  if (reasons.size === 0) return null;
  return (
    <Aside title="Not on this cloth">
      <ul className="text-sm text-walnut-2">
        {[...reasons].map(([message, names]) => (
          <li key={message} className="mt-1">
            <strong>{names.join(', ')}.</strong> {message}
          </li>
        ))}
      </ul>
    </Aside>
  );
}
