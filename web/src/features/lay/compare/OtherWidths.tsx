import { costWords, purchaseWords } from '@ample-bolt/core/words/purchase-words';
import type { WidthPlan } from '@ample-bolt/core/lay/plan/compare-widths';
import type { Unit } from '@ample-bolt/core/units/length';
import { Length } from '../../../ui/Length.tsx';

interface OtherWidthsProps {
  readonly widths: readonly WidthPlan[] | undefined;
  /** The width of the ticket's cloth, mm. */
  readonly own: number;
  /** What a yard or a metre of the ticket's cloth costs, where it is known. */
  readonly price: number | undefined;
  readonly unit: Unit;
}

/** What to buy of cloth in the usual widths, folded the same way. */
export function OtherWidths({ widths, own, price, unit }: OtherWidthsProps) {
  if (!widths) return <p className="text-sm text-walnut-2">Trying other widths</p>;
  if (widths.length === 0)
    return <p className="text-sm text-walnut-2">Folded this way, none of the usual widths will do.</p>;
  return (
    <table className="w-full text-sm">
      <thead className="text-left text-walnut-2">
        <tr>
          <th className="py-1 font-semibold">Width</th>
          <th className="px-2 text-right font-semibold">As laid</th>
          <th className="px-2 text-right font-semibold">Buy</th>
          {price !== undefined && <th className="pl-2 text-right font-semibold">At this price</th>}
        </tr>
      </thead>
      <tbody>
        {widths.map(({ width, length, buy }) => {
          const isOwn = Math.abs(width - own) < 1;
          return (
            <tr key={width} className="border-t border-linen-3">
              <th scope="row" className={`py-0.5 text-left ${isOwn ? 'font-bold' : 'font-normal'}`}>
                <Length mm={width} unit={unit} format={{ decimals: 0 }} />
                {isOwn ? ', this cloth' : ''}
              </th>
              <td className="px-2 text-right">
                <Length mm={length} unit={unit} />
              </td>
              <td className="px-2 text-right font-bold">{purchaseWords(buy, 'typeset')}</td>
              {price !== undefined && <td className="pl-2 text-right">{costWords(buy, price)}</td>}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
