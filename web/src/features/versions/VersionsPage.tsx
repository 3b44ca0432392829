import { compareContents } from '@ample-bolt/core/shop/compare-contents';
import { changeWords } from '@ample-bolt/core/words/change-words';
import { useState } from 'react';
import type { TicketStep } from '@ample-bolt/core/messages/ticket-messages';
import { useStepContent, useSteps } from '../../api/tickets.ts';
import { Button } from '../../ui/Button.tsx';
import { Card } from '../../ui/Card.tsx';
import { momentText } from '../../ui/day.ts';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';

/** Every step of the ticket, newest first; any two compared, and the way back to either. */
export function VersionsPage() {
  const { ticket, actions, attempt } = useTicketContext();
  const { data: steps, error, mutate } = useSteps(ticket);
  const [earlier, setEarlier] = useState<number>();
  if (error && !steps) return <Failed error={error} again={() => void mutate()} />;
  if (!steps) return <Waiting what="the versions" />;
  const { place } = ticket.history;
  const compared = earlier ?? Math.max(0, place - 1);
  if (steps.length === 0)
    return (
      <section className="mx-auto mt-16 max-w-lg text-center">
        <h2 className="text-2xl">Nothing was changed yet</h2>
        <p className="mt-2 text-lg text-walnut-2">
          Every change from now on is kept here, and any two can be compared.
        </p>
      </section>
    );
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] gap-4 max-lg:flex max-lg:h-auto max-lg:flex-col">
      <Card title={`${steps.length} versions, newest first`} className="flex min-h-0 flex-col">
        <ol className="min-h-0 overflow-auto py-1">
          {[...steps].reverse().map((step) => (
            <StepRow
              key={step.place}
              step={step}
              now={step.place === place}
              compared={step.place === compared}
              onCompare={() => setEarlier(step.place)}
            />
          ))}
        </ol>
      </Card>
      <Comparison
        earlier={compared}
        onBack={() => attempt(actions.put('place', { place: compared }), 'The version was not taken.')}
      />
    </div>
  );
}

const StepRow = ({
  step,
  now,
  compared,
  onCompare,
}: {
  readonly step: TicketStep;
  readonly now: boolean;
  readonly compared: boolean;
  readonly onCompare: () => void;
}) => (
  <li>
    <button
      type="button"
      onClick={onCompare}
      aria-pressed={compared}
      className="flex min-h-11 w-full items-center gap-4 border-l-3 border-transparent px-5 text-left hover:bg-linen-1 aria-pressed:border-indigo aria-pressed:bg-indigo-1"
    >
      <span className="w-28 shrink-0 text-sm text-walnut-2">{momentText(step.madeAt)}</span>
      <span className="min-w-0 grow truncate">{step.what}</span>
      {step.by && <span className="shrink-0 text-sm text-walnut-2">by {step.by}</span>}
      {now && <strong className="text-sm text-woad">on the table</strong>}
    </button>
  </li>
);

/** What differs between a version and the ticket as it lies on the table. */
function Comparison({ earlier, onBack }: { readonly earlier: number; readonly onBack: () => void }) {
  const { ticket } = useTicketContext();
  const { data: before } = useStepContent(ticket.id, earlier);
  if (!before) return <Waiting what="that version" />;
  const isNow = earlier === ticket.history.place;
  const changes = compareContents(before, ticket).map((change) =>
    changeWords(change, ticket.styleId, ticket.unit),
  );
  return (
    <Card
      title={isNow ? 'This is the version on the table' : 'That version, and the one on the table'}
      className="flex min-h-0 flex-col"
    >
      <div className="min-h-0 overflow-auto px-5 py-2">
        {changes.length === 0 ? (
          <p className="py-2 text-walnut-2">
            {isNow ? 'Choose another to compare it with.' : 'They do not differ.'}
          </p>
        ) : (
          <table className="w-full border-collapse text-left">
            <thead className="text-[13px] text-walnut-2">
              <tr>
                <th className="py-1.5 font-semibold">What</th>
                <th className="py-1.5 font-semibold">Then</th>
                <th className="py-1.5 font-semibold">Now</th>
              </tr>
            </thead>
            <tbody>
              {changes.map(({ what, before: then, after }) => (
                <tr key={`${what} ${then}`} className="border-t border-linen-2 align-top">
                  <td className="py-1.5 pr-3">{what}</td>
                  <td className="py-1.5 pr-3 text-walnut-2">{then}</td>
                  <td className="py-1.5 font-semibold">{after}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </div>
      {!isNow && (
        <div className="shrink-0 border-t border-linen-2 p-4">
          <Button look="outline" className="min-h-11 w-full" onClick={onBack}>
            Go back to that version
          </Button>
        </div>
      )}
    </Card>
  );
}
