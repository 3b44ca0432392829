import { dayText } from '../../ui/day.ts';
import { Notice } from '../../ui/Notice.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { typedOf, type MeasureEntry } from './use-measure-entry.ts';
import { useLastSet } from './use-last-set.ts';

/** Offered while nothing is taken: the client's last set as the start of this one. */
export function BeginFromLast({ entry }: { readonly entry: MeasureEntry }) {
  const { ticket } = useTicketContext();
  const last = useLastSet();
  const count = Object.keys(last?.values ?? {}).length;
  if (!last || Object.keys(entry.values).length > 0 || ticket.measures.takenOn !== null) return null;
  return (
    <Notice
      tone="note"
      action={
        <button
          type="button"
          className="min-h-9 shrink-0 rounded-soft border border-indigo bg-white px-3 font-semibold text-indigo max-md:min-h-11"
          onClick={() =>
            void entry.saveConditions({ from: last.from, observations: last.observations }, typedOf(last))
          }
        >
          Use these measures
        </button>
      }
    >
      {count} {count === 1 ? 'measure' : 'measures'} were taken on {dayText(last.takenOn)}
      {last.ticket ? ` for Nº ${last.ticket.number}` : ''}.
    </Notice>
  );
}
