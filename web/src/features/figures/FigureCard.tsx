import type { Figure } from '@ample-bolt/core/drafting/draft';
import { paths } from '../../app/paths.ts';
import { Button } from '../../ui/Button.tsx';
import { Length } from '../../ui/Length.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import type { HandEntry } from './use-hand-entry.ts';
import { WorkingTree } from './WorkingTree.tsx';

interface HandFormProps {
  readonly figure: Figure;
  readonly entry: HandEntry;
}

/** One figure opened: its working as a tree, and the place to set it by hand with a reason. */
export function FigureCard({ figure, entry }: HandFormProps) {
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
        <WorkingTree
          working={figure.working}
          unit={unit}
          places={{
            measure: (id) => paths.measureOf(ticket.id, id),
            choice: (id) => paths.choiceOf(ticket.id, id),
            rule: (id) => paths.ruleOf(ticket.id, id),
          }}
        />
      </div>
      <footer className="border-t border-linen-2 px-4 py-3">
        {figure.moves ? (
          <HandForm figure={figure} entry={entry} />
        ) : (
          <p className="text-sm text-walnut-2">Follows from other figures; set those by hand to move it.</p>
        )}
      </footer>
    </section>
  );
}

function HandForm({ figure, entry }: HandFormProps) {
  const { ticket } = useTicketContext();
  const { value, why, type, changed, fault } = entry;
  const reasonMissing = changed && why.trim() === '';
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void entry.set();
      }}
    >
      <span className="flex items-center gap-2">
        <input
          aria-label={`${figure.label}, by hand`}
          aria-invalid={fault !== undefined}
          value={value}
          autoComplete="off"
          onChange={(event) => type({ value: event.target.value })}
          className="min-h-10 w-24 rounded-soft border border-linen-3 px-3 text-right text-xl font-bold aria-invalid:border-madder"
        />
        <span className="text-walnut-2">{ticket.unit}</span>
        <input
          aria-label="Why"
          placeholder="Why"
          value={why}
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
        <Button type="submit" look="outline" className="grow" disabled={!changed || reasonMissing}>
          {reasonMissing ? 'Say why, then set it' : 'Set by hand'}
        </Button>
        {figure.by === 'hand' && (
          <Button look="quiet" onClick={() => void entry.takeBack()}>
            Take it back
          </Button>
        )}
      </span>
    </form>
  );
}
