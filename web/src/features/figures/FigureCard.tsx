import type { Figure } from '@ample-bolt/core/drafting/draft';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Length } from '../../ui/Length.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { WorkingTree } from './WorkingTree.tsx';

/** One figure opened: its working as a tree, and the place to set it by hand with a reason. */
export function FigureCard({ figure }: { readonly figure: Figure }) {
  const { ticket } = useTicketContext();
  const { unit } = ticket;
  return (
    <section
      aria-label={figure.label}
      className="flex min-h-0 flex-col rounded-soft border border-linen-2 bg-white"
    >
      <header className="flex items-baseline gap-3 border-b border-linen-2 px-4 py-2">
        <h2 className="grow text-lg">{figure.label}</h2>
        <strong className="text-xl">
          <Length mm={figure.mm} unit={unit} />
        </strong>
      </header>
      <div className="min-h-0 overflow-auto px-3 py-2">
        {figure.by === 'hand' && (
          <p className="mb-1 rounded-soft bg-weld-1 px-3 py-1.5 text-sm">
            Set by hand{figure.why ? `: ${figure.why}` : ''}. Computed it is{' '}
            <Length mm={figure.computed} unit={unit} />, from:
          </p>
        )}
        <WorkingTree working={figure.working} unit={unit} />
      </div>
      <footer className="border-t border-linen-2 px-4 py-3">
        {figure.moves ? (
          <HandForm key={figure.id} figure={figure} />
        ) : (
          <p className="text-sm text-walnut-2">Follows from other figures; set those by hand to move it.</p>
        )}
      </footer>
    </section>
  );
}

interface Typed {
  readonly value: string;
  readonly why: string;
}

function HandForm({ figure }: { readonly figure: Figure }) {
  const { ticket, actions } = useTicketContext();
  const { unit } = ticket;
  const shown = {
    value: formatNumber(figure.mm, unit, { denominator: 16, decimals: 2 }),
    why: figure.why ?? '',
  };
  const [kept, keep] = useKept<Typed>(`figure-${ticket.id}-${figure.id}-${unit}`);
  const [fault, setFault] = useState<string>();
  const typed = kept ?? shown;
  const type = (change: Partial<Typed>) => keep((held) => ({ ...shown, ...held, ...change }));
  const put = (entry: Typed | null) =>
    actions
      .put('figures', { figures: { [figure.id]: entry } })
      .then(() => {
        keep(() => undefined);
        setFault(undefined);
      })
      .catch((error: unknown) => setFault(error instanceof Error ? error.message : 'Not stored; try again.'));
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void put(typed);
      }}
    >
      <span className="flex items-center gap-2">
        <input
          aria-label={`${figure.label}, by hand`}
          aria-invalid={fault !== undefined}
          value={typed.value}
          autoComplete="off"
          onChange={(event) => type({ value: event.target.value })}
          className="min-h-10 w-24 rounded-soft border border-linen-3 px-3 text-right text-xl font-bold aria-invalid:border-madder"
        />
        <span className="text-walnut-2">{unit}</span>
        <input
          aria-label="Why"
          placeholder="Why"
          value={typed.why}
          maxLength={200}
          onChange={(event) => type({ why: event.target.value })}
          className="min-h-10 w-0 min-w-0 grow rounded-soft border border-linen-3 px-3"
        />
      </span>
      {fault && (
        <p role="alert" className="text-sm font-semibold text-madder">
          {fault}
        </p>
      )}
      <span className="flex gap-2">
        <Button
          type="submit"
          look="outline"
          className="grow"
          disabled={kept === undefined || kept.why.trim() === ''}
        >
          {kept !== undefined && kept.why.trim() === '' ? 'Say why, then set it' : 'Set by hand'}
        </Button>
        {figure.by === 'hand' && (
          <Button look="quiet" onClick={() => void put(null)}>
            Take it back
          </Button>
        )}
      </span>
    </form>
  );
}
