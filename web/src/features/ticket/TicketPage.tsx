import { progressOf, stationIds, stationsOf, type StationId } from '@ample-bolt/core/shop/stations';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useState } from 'react';
import { Outlet, useMatch, useNavigate, useParams } from 'react-router';
import { useTicket, useTicketActions } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { Notice } from '../../ui/Notice.tsx';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { useDrafted } from '../../workers/use-drafted.ts';
import { StationTape } from './StationTape.tsx';
import type { TicketContext } from './ticket-context.ts';
import { TicketStub } from './TicketStub.tsx';

export function TicketPage() {
  const { id = '' } = useParams();
  const { data: ticket, error, mutate } = useTicket(id);
  if (error) return <Failed error={error} again={() => void mutate()} />;
  if (!ticket) return <Waiting what="the ticket" />;
  return <OpenTicket key={ticket.id} ticket={ticket} />;
}

/** The ticket's stub, its stations on the tape, and the station that is open. */
function OpenTicket({ ticket }: { readonly ticket: Ticket }) {
  const navigate = useNavigate();
  const match = useMatch('/tickets/:id/:station');
  const current = stationIds.find((station) => station === match?.params.station) ?? 'measure';
  const actions = useTicketActions(ticket);
  const drafting = useDrafted(ticket);
  const stations = stationsOf(progressOf(ticket), drafting.drafted?.standing);
  const goTo = (station: StationId) => void navigate(paths.station(ticket.id, station));
  const step = (by: 1 | -1) => {
    const next = stationIds[stationIds.indexOf(current) + by];
    if (next) goTo(next);
  };
  const [failure, setFailure] = useState<string>();
  const switchUnit = () => {
    actions
      .edit({ unit: ticket.unit === 'in' ? 'cm' : 'in' })
      .then(() => setFailure(undefined))
      .catch((error: unknown) =>
        setFailure(error instanceof Error ? error.message : 'The unit was not changed.'),
      );
  };
  useHotkeys({ '[': () => step(-1), ']': () => step(1), u: switchUnit });
  const context: TicketContext = { ticket, actions, stations, goTo, ...drafting };
  if (current === 'chalk') return <Outlet context={context} />;
  return (
    <div className="flex h-full min-w-[900px] flex-col px-6 pb-5">
      <TicketStub ticket={ticket} current={current} onUnit={switchUnit} onNext={() => step(1)} />
      <StationTape ticketId={ticket.id} stations={stations} current={current} />
      {failure && <Notice tone="stop">{failure}</Notice>}
      <main className="min-h-0 grow pt-4">
        <Outlet context={context} />
      </main>
    </div>
  );
}
