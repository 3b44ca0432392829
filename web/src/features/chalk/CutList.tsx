import { cuttingOrder } from '@ample-bolt/core/chalk/chalk-piece';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { cautions } from '@ample-bolt/core/words/cautions';
import { cutName } from '@ample-bolt/core/words/names';
import { Check } from 'lucide-react';
import { useTicketContext } from '../ticket/ticket-context.ts';

interface CutListProps {
  readonly draft: Draft;
  readonly marks: readonly Mark[];
  /** How many marks are chalked, of all. */
  readonly index: number;
}

/** Every laid piece in cutting order; one that is chalked through can be ticked off as cut. */
export function CutList({ draft, marks, index }: CutListProps) {
  const { ticket, actions, attempt } = useTicketContext();
  const finished = index >= marks.length;
  const open = new Set(marks.slice(index).map(({ piece }) => piece));
  const laid = cuttingOrder(draft.pieces).filter(({ piece }) => ticket.lays[piece.role]);
  const toggle = (id: string) => {
    const cut = ticket.cut.includes(id) ? ticket.cut.filter((each) => each !== id) : [...ticket.cut, id];
    attempt(actions.put('cut', { cut }), 'Not stored yet.');
  };
  const done = laid.filter(({ piece }) => ticket.cut.includes(piece.id)).length;
  return (
    <>
      <h1 className="text-4xl">{done === laid.length ? 'All cut' : finished ? 'All chalked' : 'Cut list'}</h1>
      <p className="mt-2 text-lg text-chalk-soft">
        {done === laid.length
          ? 'Fuse the stays, then sew.'
          : 'Check the marks with the tape once more; cut the largest first and label each piece before the next.'}
      </p>
      <ul className="mt-3 grid grid-cols-2 gap-2">
        {laid.map(({ piece }) => {
          const isCut = ticket.cut.includes(piece.id);
          const ready = !open.has(piece.id);
          return (
            <li key={piece.id}>
              <button
                type="button"
                role="checkbox"
                aria-checked={isCut}
                disabled={!ready && !isCut}
                onClick={() => toggle(piece.id)}
                className="flex min-h-12 w-full items-center gap-3 rounded-soft border border-table-2 px-3 text-left aria-checked:bg-table-2 disabled:text-chalk-soft"
              >
                <span className="grid size-6 shrink-0 place-items-center rounded-[3px] border-2 border-current">
                  {isCut && <Check size={18} strokeWidth={3} aria-hidden />}
                </span>
                <span className="min-w-0">
                  <span className="block truncate font-semibold">{piece.name}</span>
                  <span className="block text-sm text-chalk-soft">
                    {isCut ? 'cut' : ready ? cutName(piece.cut.layers, piece.cut.copies) : 'not chalked yet'}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      <ul className="mt-4 flex list-disc flex-col gap-1 pl-5 text-chalk-soft">
        {cautions.cutting.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </>
  );
}
