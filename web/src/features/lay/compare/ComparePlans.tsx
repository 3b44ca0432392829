import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import { purchaseLength } from '@ample-bolt/core/lay/buy/buying';
import { foldCount, frontier } from '@ample-bolt/core/lay/plan/effort';
import { outlineCount, type Lay } from '@ample-bolt/core/lay/model/lay';
import { largestLeftover } from '@ample-bolt/core/lay/buy/leftover';
import { withOwnWidth } from '@ample-bolt/core/lay/plan/compare-widths';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { choosePlan } from '@ample-bolt/core/lay/plan/choose-plan';
import type { Unit } from '@ample-bolt/core/units/length';
import { costWords, purchaseWords } from '@ample-bolt/core/words/purchase-words';
import { lazy, Suspense, useMemo } from 'react';
import { foldWords } from '../facts/fold-words.ts';
import { FoldPicture } from '../facts/FoldPicture.tsx';
import { LeftoverSize } from '../facts/LeftoverSize.tsx';
import { OtherWidths } from './OtherWidths.tsx';
import { useOtherWidths } from './use-other-widths.ts';

const PlansChart = lazy(() => import('./PlansChart.tsx'));
const WidthsChart = lazy(() => import('./WidthsChart.tsx'));

interface ComparePlansProps {
  readonly lays: readonly Lay[];
  /** What other widths are tried for; undefined while the search still runs. */
  readonly task: LayTask | undefined;
  readonly inputs: string;
  readonly cloth: Cloth;
  readonly unit: Unit;
  readonly minutesOf: (lay: Lay) => number;
}

/** The plans beside each other: cloth against time at the table, what each leaves, and what other widths would take. */
export function ComparePlans({ lays, task, inputs, cloth, unit, minutesOf }: ComparePlansProps) {
  const own = lays.find(({ fold }) => fold === task?.fold);
  const found = useOtherWidths(task, inputs);
  const widths = found && own ? withOwnWidth(found, own) : found;
  const sorted = useMemo(() => choosePlan(lays), [lays]);
  const worth = frontier(sorted, minutesOf, (lay) => purchaseLength(lay.buy));
  return (
    <div
      role="region"
      aria-label="Plans compared"
      tabIndex={0}
      className="grid min-h-0 grow grid-cols-2 gap-5 overflow-auto max-lg:grid-cols-1 rounded-soft border border-linen-2 bg-linen-1 p-4"
    >
      <section aria-label="Cloth against time" className="flex min-h-0 min-w-0 flex-col gap-3">
        <h2 className="text-xl">Cloth against time at the table</h2>
        <div className="h-48 shrink-0">
          <Suspense>
            <PlansChart lays={sorted} worth={worth} unit={unit} minutesOf={minutesOf} />
          </Suspense>
        </div>
        <table className="w-full text-sm">
          <thead className="text-left text-walnut-2">
            <tr>
              <th className="py-1 font-semibold">Plan</th>
              <th className="px-2 text-right font-semibold">Buy</th>
              <th className="px-2 text-right font-semibold">Folds</th>
              <th className="px-2 text-right font-semibold">Outlines</th>
              <th className="px-2 text-right font-semibold">Minutes</th>
              <th className="pl-2 text-right font-semibold">Left in one piece</th>
            </tr>
          </thead>
          <tbody>
            {sorted.map((lay, index) => {
              return (
                <tr key={`${lay.fold} ${index}`} className="border-t border-linen-3">
                  <th scope="row" className="py-1.5 text-left font-normal">
                    <span className="flex items-center gap-2">
                      <FoldPicture fold={lay.fold} />
                      <span className={worth.includes(lay) ? 'font-semibold' : ''}>
                        {foldWords[lay.fold].name}
                      </span>
                    </span>
                  </th>
                  <td className="px-2 text-right font-bold whitespace-nowrap">
                    {purchaseWords(lay.buy, 'typeset')}
                    {cloth.price !== undefined && (
                      <span className="font-normal"> · {costWords(lay.buy, cloth.price)}</span>
                    )}
                  </td>
                  <td className="px-2 text-right">{foldCount(lay)}</td>
                  <td className="px-2 text-right">{outlineCount(lay)}</td>
                  <td className="px-2 text-right">{Math.round(minutesOf(lay))}</td>
                  <td className="pl-2 text-right whitespace-nowrap">
                    <LeftoverSize leftover={largestLeftover(lay, cloth)} unit={unit} />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
        <p className="text-sm text-walnut-2">
          In bold, and joined by the line: no other plan takes both less cloth and less time. Minutes follow
          the house rules for an outline and a fold.
        </p>
      </section>
      <section aria-label="On other widths" className="flex min-h-0 min-w-0 flex-col gap-3">
        <h2 className="text-xl">
          On other widths
          {task && <span className="text-walnut-2">, {foldWords[task.fold].name.toLowerCase()}</span>}
        </h2>
        <div className="h-48 shrink-0">
          {widths && widths.length > 0 && (
            <Suspense>
              <WidthsChart widths={widths} own={cloth.width} unit={unit} />
            </Suspense>
          )}
        </div>
        <OtherWidths widths={widths} own={cloth.width} price={cloth.price} unit={unit} />
        <p className="text-sm text-walnut-2">
          Solid: to buy; dashed: as laid, after a short search each. Not plans to cut.
        </p>
      </section>
    </div>
  );
}
