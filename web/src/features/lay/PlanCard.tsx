import { outlineCount } from '@ample-bolt/core/lay/lay';
import type { Unit } from '@ample-bolt/core/units/length';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { amountText } from '../../ui/amount.ts';
import { Length } from '../../ui/Length.tsx';
import { foldWords } from './fold-words.ts';
import type { FoldPlan } from './use-lay-search.ts';

interface PlanCardProps {
  readonly plan: FoldPlan;
  readonly unit: Unit;
  readonly shown: boolean;
  readonly chosen: boolean;
  readonly running: boolean;
  readonly onShow: () => void;
}

/** One way of folding, with what it costs in cloth and in chalk. */
export function PlanCard({ plan, unit, shown, chosen, running, onShow }: PlanCardProps) {
  const { lay, obstacle, fold, work } = plan;
  return (
    <button
      type="button"
      aria-pressed={shown}
      disabled={!lay}
      onClick={onShow}
      className="flex min-h-20 items-center gap-4 rounded-soft border border-linen-2 bg-white px-4 text-left aria-pressed:border-2 aria-pressed:border-indigo"
    >
      <span className="w-24 shrink-0 font-head text-2xl font-semibold">
        {lay ? amountText(lay.buy.amount, lay.buy.unit) : '–'}
      </span>
      <span className="min-w-0 text-sm">
        <strong className="block text-base">
          {foldWords[fold].name}
          {chosen && <span className="ml-2 text-sm text-woad">chosen</span>}
        </strong>
        {lay && (
          <span className="text-walnut-2">
            <Length mm={lay.length} unit={unit} /> long · {outlineCount(lay)} outlines ·{' '}
            {(100 * lay.utilisation).toFixed(0)} % used{running ? ` · looked ${work} ways` : ''}
          </span>
        )}
        {!lay && (
          <span className="text-walnut-2">
            {obstacle ? findingWords(obstacle, unit).message : running ? 'laying' : 'not laid yet'}
          </span>
        )}
      </span>
    </button>
  );
}
