import { costWords, purchaseWords } from '@ample-bolt/core/words/purchase-words';
import { outlineCount } from '@ample-bolt/core/lay/lay';
import type { Unit } from '@ample-bolt/core/units/length';
import { Length } from '../../ui/Length.tsx';
import { foldWords } from './fold-words.ts';
import type { FoldPlan } from './use-lay-search.ts';

interface PlanCardProps {
  readonly plan: Omit<FoldPlan, 'obstacle'>;
  /** What it is called where its fold does not say it. */
  readonly name?: string;
  /** What a yard or a metre costs, where it is known. */
  readonly price: number | undefined;
  readonly unit: Unit;
  readonly shown: boolean;
  readonly chosen: boolean;
  readonly running: boolean;
  readonly onShow: () => void;
}

/** One way of folding, with what it costs in cloth and in chalk. */
export function PlanCard({ plan, name, price, unit, shown, chosen, running, onShow }: PlanCardProps) {
  const { lay, fold, work } = plan;
  return (
    <button
      type="button"
      aria-pressed={shown}
      disabled={!lay}
      onClick={onShow}
      className="flex min-h-20 min-w-0 flex-1 flex-col justify-center rounded-soft border border-linen-2 bg-white px-4 py-2 text-left aria-pressed:outline-2 aria-pressed:-outline-offset-1 aria-pressed:outline-indigo"
    >
      <span className="flex flex-wrap items-baseline gap-x-3">
        <span className="font-head text-2xl font-semibold whitespace-nowrap">
          {lay ? purchaseWords(lay.buy, 'typeset') : '–'}
        </span>
        <strong>{name ?? foldWords[fold].name}</strong>
        {chosen && <strong className="text-sm text-woad">chosen</strong>}
      </span>
      <span className="text-sm">
        {lay && (
          <span className="text-walnut-2">
            <Length mm={lay.length} unit={unit} /> long · {outlineCount(lay)} outlines ·{' '}
            {(100 * lay.utilisation).toFixed(0)} % used
            {price === undefined ? '' : ` · costs ${costWords(lay.buy, price)}`}
            {running ? ` · looked ${work} ways` : ''}
          </span>
        )}
        {!lay && <span className="text-walnut-2">{running ? 'laying' : 'not laid yet'}</span>}
      </span>
    </button>
  );
}
