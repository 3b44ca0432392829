import { measureIds, measureOf, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { format, parseISO } from 'date-fns';

interface SetTableProps {
  /** The oldest first. */
  readonly sets: readonly ClientSet[];
  readonly unit: Unit;
}

const shown = { denominator: 16, decimals: 1, style: 'typeset' } as const;

/** Below this two tapes are one, mm. */
const SAME = 1;

/** The newest value of a measure before a set, mm. */
const valueBefore = (sets: readonly ClientSet[], index: number, id: MeasureId): number | undefined =>
  sets
    .slice(0, index)
    .reverse()
    .map(({ values }) => values[id]?.mm)
    .find((mm) => mm !== undefined);

/** Every measure that was taken, set beside set, with what changed since the one before. */
export function SetTable({ sets, unit }: SetTableProps) {
  const taken = measureIds.filter((id) => sets.some(({ values }) => values[id] !== undefined));
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Measures, set beside set">
      <table className="w-full border-collapse text-right">
        <thead className="text-[13px] text-walnut-2">
          <tr className="border-b border-linen-2">
            <th className="px-5 py-2 text-left font-semibold">Measure, {unit}</th>
            {sets.map(({ id, takenOn, takenBy, ticket, source }) => (
              <th key={id} className="px-4 py-2 font-semibold whitespace-nowrap">
                {format(parseISO(takenOn), 'd MMM yyyy')}
                <span className="block font-normal">
                  {ticket ? `Nº ${ticket.number}` : 'from a file'}
                  {source === 'home' ? ', at home' : takenBy ? `, ${takenBy}` : ''}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {taken.map((id) => (
            <tr key={id} className="border-b border-linen-2 last:border-b-0">
              <th className="px-5 py-1.5 text-left font-normal">{measureOf(id).names[0]}</th>
              {sets.map((set, index) => (
                <SetCell
                  key={set.id}
                  mm={set.values[id]?.mm}
                  before={valueBefore(sets, index, id)}
                  unit={unit}
                />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface SetCellProps {
  readonly mm: number | undefined;
  readonly before: number | undefined;
  readonly unit: Unit;
}

function SetCell({ mm, before, unit }: SetCellProps) {
  if (mm === undefined) return <td className="px-4 py-1.5 text-walnut-2">–</td>;
  const change = before === undefined ? 0 : mm - before;
  return (
    <td className="px-4 py-1.5 whitespace-nowrap">
      <strong>{formatNumber(mm, unit, shown)}</strong>
      {Math.abs(change) >= SAME && (
        <span className="ml-2 rounded-[3px] bg-weld-1 px-1.5 text-sm text-walnut">
          {change > 0 ? '+' : ''}
          {formatNumber(change, unit, shown)}
        </span>
      )}
    </td>
  );
}
