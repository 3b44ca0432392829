import { workedOut } from '@ample-bolt/core/worked-out/worked-out';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { renderWorking } from '@ample-bolt/core/workings/render-working';
import { capital } from '@ample-bolt/core/text/capital';
import { useTicketContext } from '../ticket/ticket-context.ts';
import type { Measuring } from './use-measuring.ts';

/** What follows from the measures without the tape, each with its sum; it gives way to a measure that is taken. */
export function WorkedOutList({ measuring }: { readonly measuring: Measuring }) {
  const { ticket } = useTicketContext();
  const { unit, rules } = ticket;
  const lines = workedOut(
    measuring.entry.values,
    measuring.asked.map(({ id }) => id),
    ruleSet(rules),
  );
  if (lines.length === 0) return null;
  return (
    <section className="border-t border-linen-2 py-2">
      <h2 className="px-4 pb-1 font-text text-[13px] font-semibold tracking-normal text-walnut-2">
        Worked out, not measured
      </h2>
      <ul>
        {lines.map(({ label, working }) => (
          <li key={label}>
            <details className="px-4 py-1">
              <summary className="flex min-h-6 cursor-pointer items-center gap-2 max-md:min-h-11">
                <span className="grow truncate">{capital(label)}</span>
                <span className="text-walnut-2 italic">
                  {formatNumber(working.mm, unit, { denominator: 16, style: 'typeset' })}
                </span>
              </summary>
              <p className="pb-1 text-sm text-walnut-2">{renderWorking(working, unit, 'typeset')}</p>
            </details>
          </li>
        ))}
      </ul>
    </section>
  );
}
