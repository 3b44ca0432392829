import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { format, parseISO } from 'date-fns';
import type { Measuring } from './use-measuring.ts';

/** What the measure was in the client's last set, the change since, and a way to keep it. */
export function LastTime({ measuring, unit }: { readonly measuring: Measuring; readonly unit: Unit }) {
  const { last, entry, current } = measuring;
  if (!last) return null;
  const shown = { denominator: 16, decimals: 1, style: 'typeset' } as const;
  const now = entry.values[current];
  const change = now === undefined ? undefined : now - last.mm;
  return (
    <p className="flex items-center gap-3 text-walnut-2">
      <span>
        last {formatNumber(last.mm, unit, shown)} on {format(parseISO(last.takenOn), 'd MMM yyyy')}
        {change !== undefined && (
          <strong className="text-walnut">
            {' · '}
            {Math.abs(change) < 1
              ? 'the same'
              : `${change > 0 ? '+' : ''}${formatNumber(change, unit, shown)}`}
          </strong>
        )}
      </span>
      {now === undefined && (
        <button
          type="button"
          className="min-h-9 rounded-soft border border-linen-3 bg-white px-3 text-sm font-semibold text-walnut hover:bg-linen-1 max-md:min-h-11"
          onClick={() => entry.type(current, formatNumber(last.mm, unit, { denominator: 16, decimals: 2 }))}
        >
          Unchanged
        </button>
      )}
    </p>
  );
}
