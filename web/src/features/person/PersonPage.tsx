import type { ClientKind } from '@ample-bolt/core/measures/measure-set';
import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import type { Unit } from '@ample-bolt/core/units/length';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useSWRConfig } from 'swr';
import { changeClient, isOfClients, useClient, useClientSets } from '../../api/clients.ts';
import type { TicketSummary } from '@ample-bolt/core/shop/ticket-list';
import { useTickets } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { buttonClass } from '../../ui/Button.tsx';
import { Card } from '../../ui/Card.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { dayFrom, dayText } from '../../ui/day.ts';
import { UnitSwitch } from '../../ui/UnitSwitch.tsx';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { useKept } from '../../ui/use-kept.ts';
import { useTitle } from '../../ui/use-title.ts';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { GarmentThumb } from '../ticket/GarmentThumb.tsx';
import { nextStep } from '../ticket/next-step.ts';
import { GrowthNote, type DueTicket } from './GrowthNote.tsx';
import { PersonMenu } from './PersonMenu.tsx';
import { PersonNotes } from './PersonNotes.tsx';
import { SetTable } from './SetTable.tsx';

/** The chart comes after the figures, which are what one looks for. */
const RoundsChart = lazy(() => import('./RoundsChart.tsx'));

/** One client: the tickets, and the measures as they were taken, set beside set. */
export function PersonPage() {
  const { id = '' } = useParams();
  const { data: client, error, mutate } = useClient(id);
  const { data: sets, error: setsError, mutate: again } = useClientSets(id);
  const [unit = 'in', keepUnit] = useKept<Unit>('people-unit');
  useTitle(client?.name);
  const { mutate: mutateAll } = useSWRConfig();
  const [failure, setFailure] = useState<string>();
  const attempt = (act: () => Promise<unknown>) => {
    act()
      .then(() => setFailure(undefined))
      .catch((problem: unknown) => {
        setFailure(problem instanceof Error ? problem.message : 'Nothing was changed; try again.');
        void mutateAll(isOfClients);
      });
  };
  useHotkeys({
    u: { does: 'inches or centimetres', act: () => keepUnit(() => (unit === 'in' ? 'cm' : 'in')) },
  });
  const { data: list } = useTickets({ state: 'all', client: id, limit: 200 });
  const own = list?.tickets ?? [];
  const due = own.filter(({ state, dueOn }) => state === 'open' && dueOn >= dayFrom(new Date(), 0));
  if (error && !client) return <Failed error={error} again={() => void mutate()} />;
  if (setsError && !sets) return <Failed error={setsError} again={() => void again()} />;
  if (!client || !sets) return <Waiting what="the measures" />;
  return (
    <main className="flex flex-col gap-4 p-6 max-md:p-4">
      <header className="flex flex-wrap items-center gap-4">
        <Link to={paths.people} className="font-semibold text-indigo hover:underline">
          People
        </Link>
        <h1 className="grow text-3xl">
          {client.name}
          {client.kind === 'child' ? ', child' : ''}
        </h1>
        <Link to={paths.recut({ client: client.id })} className={buttonClass('outline')}>
          Recut a shirt
        </Link>
        <UnitSwitch unit={unit} onChange={(next) => keepUnit(() => next)} />
        <PersonMenu
          client={client}
          onState={(state) =>
            attempt(async () => {
              await changeClient(client, { state });
              await mutateAll(isOfClients);
            })
          }
        />
      </header>
      {failure && <Notice tone="stop">{failure}</Notice>}
      <PersonNotes client={client} attempt={attempt} />
      <Tickets own={own} />
      {client.kind === 'child' && <GrowthNote sets={sets} due={due} unit={unit} />}
      <History sets={sets} unit={unit} kind={client.kind} due={due} />
    </main>
  );
}

function Tickets({ own }: { readonly own: readonly TicketSummary[] }) {
  return (
    <ul className="flex flex-wrap gap-2">
      {own.map((ticket) => {
        const step = nextStep(ticket.progress);
        return (
          <li key={ticket.id}>
            <Link
              to={paths.station(ticket.id, step.station)}
              className="flex min-h-11 items-center gap-3 rounded-soft border border-linen-3 bg-white px-4 hover:bg-linen-1"
            >
              <GarmentThumb ticket={ticket} />
              <strong className="font-head">{ticket.number}</strong>
              <span>{ticket.title}</span>
              <span className="text-sm text-walnut-2">
                {step.words}, due {dayText(ticket.dueOn)}
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}

interface HistoryProps {
  readonly sets: readonly ClientSet[];
  readonly unit: Unit;
  readonly kind: ClientKind;
  readonly due: readonly DueTicket[];
}

function History({ sets, unit, kind, due }: HistoryProps) {
  if (sets.length === 0)
    return <p className="text-lg text-walnut-2">Nothing was measured yet. The tape comes with a ticket.</p>;
  const oldestFirst = [...sets].reverse();
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-start gap-5 max-lg:grid-cols-1">
      <Card title={sets.length === 1 ? 'One set of measures' : `${sets.length} sets of measures`}>
        <SetTable sets={oldestFirst} unit={unit} />
      </Card>
      {sets.length > 1 && (
        <Card title={kind === 'child' ? 'Growing' : 'Rounds over time'}>
          <Suspense fallback={<div className="h-80" />}>
            <RoundsChart sets={oldestFirst} unit={unit} kind={kind} due={kind === 'child' ? due : []} />
          </Suspense>
        </Card>
      )}
    </div>
  );
}
