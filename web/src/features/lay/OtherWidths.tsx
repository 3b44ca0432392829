import { costWords, purchaseWords } from '@ample-bolt/core/words/purchase-words';
import { purchaseLength } from '@ample-bolt/core/lay/buying';
import type { WidthPlan } from '@ample-bolt/core/lay/compare-widths';
import type { Unit } from '@ample-bolt/core/units/length';
import { Length } from '../../ui/Length.tsx';

/** What to buy of cloth in the usual widths, folded the same way. */
export function OtherWidths({
  widths,
  own,
  price,
  unit,
}: {
  readonly widths: readonly WidthPlan[] | undefined;
  /** The width of the ticket's cloth, mm. */
  readonly own: number;
  /** What a yard or a metre of the ticket's cloth costs, where it is known. */
  readonly price: number | undefined;
  readonly unit: Unit;
}) {
  if (!widths) return <p className="text-sm text-walnut-2">Trying other widths</p>;
  const most = Math.max(1, ...widths.map(({ buy }) => purchaseLength(buy)));
  return (
    <ul>
      {widths.map(({ width, buy }) => (
        <li key={width} className="grid grid-cols-[58px_1fr_auto] items-center gap-2 py-1 text-sm">
          <span className={Math.abs(width - own) < 1 ? 'font-bold' : ''}>
            <Length mm={width} unit={unit} format={{ decimals: 0 }} />
          </span>
          <span className="h-2.5 rounded-[2px] bg-linen-2" aria-hidden>
            <span
              className="block h-full rounded-[2px] bg-indigo"
              style={{ width: `${(100 * purchaseLength(buy)) / most}%` }}
            />
          </span>
          <strong>
            {purchaseWords(buy, 'typeset')}
            {price !== undefined && <span className="font-normal"> · {costWords(buy, price)}</span>}
          </strong>
        </li>
      ))}
      {widths.length === 0 && (
        <li className="text-sm text-walnut-2">Folded so, none of the usual widths will do.</li>
      )}
    </ul>
  );
}
