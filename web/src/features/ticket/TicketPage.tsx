import { stationIds, stationsOf, type StationId } from '@ample-bolt/core/shop/stations';
import { progressOf } from '@ample-bolt/core/shop/ticket-gist';
import { layTaskOf } from '@ample-bolt/core/shop/lay-task';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useContext, useState } from 'react';
import { Outlet, useMatch, useNavigate, useParams } from 'react-router';
import { useFrozen, useTicket } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { HeadingContext } from '../../ui/heading-context.ts';
import { Notice } from '../../ui/Notice.tsx';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { useTitle } from '../../ui/use-title.ts';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { useDrafted } from '../../workers/use-drafted.ts';
import { useTicketActions } from '../../writes/use-ticket-actions.ts';
import { useLayWorker, useWarmLays } from '../../workers/use-lay-worker.ts';
import { LineNotices } from './LineNotices.tsx';
import { stationNames } from './station-names.ts';
import { StationTape } from './StationTape.tsx';
import type { TicketContext } from './ticket-context.ts';
import { TicketMenu } from './TicketMenu.tsx';
import { TicketStub } from './TicketStub.tsx';
import { TicketWhere } from './TicketWhere.tsx';

export function TicketPage() {
  const { id = '' } = useParams();
  const { data: ticket, error, mutate } = useTicket(id);
  // What is on screen stays there when it cannot be fetched again.
  if (error && !ticket) return <Failed error={error} again={() => void mutate()} />;
  if (!ticket) return <Waiting what="the ticket" />;
  return <OpenTicket key={ticket.id} ticket={ticket} />;
}

/** The ticket's stub, its stations on the tape, and the station that is open. */
function OpenTicket({ ticket }: { readonly ticket: Ticket }) {
  const navigate = useNavigate();
  const match = useMatch('/tickets/:id/:station');
  const current = stationIds.find((station) => station === match?.params.station);
  const actions = useTicketActions(ticket);
  useTitle(`Nº ${ticket.number} ${ticket.title}${current ? `, ${stationNames[current]}` : ''}`);
  const { data: frozen } = useFrozen(ticket);
  const drafting = useDrafted(ticket, frozen);
  const layWorker = useLayWorker();
  const pieces = drafting.drafted?.draft.pieces ?? [];
  const ahead = current === 'figures' || current === 'draft' ? ticket.cloths : [];
  useWarmLays(
    layWorker,
    ahead
      .map((cloth) => layTaskOf(ticket, pieces, cloth, 'open', 1))
      .filter((task) => task.pieces.length > 0),
  );
  const stations = stationsOf(progressOf(ticket), drafting.drafted?.standing);
  const goTo = (station: StationId) => void navigate(paths.station(ticket.id, station));
  const heading = useContext(HeadingContext);
  const beside = (station: StationId | undefined, by: 1 | -1) =>
    stationIds[station ? stationIds.indexOf(station) + by : 0];
  // Counted from where one is going: a key pressed twice goes two stations on, though the first is not drawn yet.
  const step = (by: 1 | -1) => {
    const from = stationIds.find((station) => paths.station(ticket.id, station) === heading());
    const next = beside(from, by);
    if (next) goTo(next);
  };
  const [failure, setFailure] = useState<string>();
  const attempt = (change: Promise<unknown>, otherwise: string) => {
    change
      .then(() => setFailure(undefined))
      .catch((error: unknown) => setFailure(error instanceof Error ? error.message : otherwise));
  };
  const { place, undo, redo } = ticket.history;
  const walk = (to: number, possible: string | null) =>
    possible === null
      ? undefined
      : () => attempt(actions.put('place', { place: to }), 'The step was not taken.');
  const switchUnit = () =>
    attempt(actions.put('ticket', { unit: ticket.unit === 'in' ? 'cm' : 'in' }), 'The unit was not changed.');
  useHotkeys({
    '[': { does: 'station before', act: () => step(-1) },
    ']': { does: 'next station', act: () => step(1) },
    u: { does: 'inches or centimetres', act: switchUnit },
    'mod+z': { does: 'undo on this ticket', act: walk(place - 1, undo) },
    'mod+shift+z': { does: 'do again', act: walk(place + 1, redo) },
  });
  const context: TicketContext = { ticket, actions, stations, layWorker, goTo, attempt, ...drafting };
  if (current === 'chalk')
    return (
      <>
        <Outlet context={context} />
        <LineNotices ticket={ticket} />
      </>
    );
  return (
    <div className="flex h-full flex-col px-6 pb-5 max-lg:px-4 max-md:px-3 max-md:pb-2">
      <TicketStub
        ticket={ticket}
        current={current}
        onUnit={switchUnit}
        onNext={beside(current, 1) && (() => step(1))}
        onUndo={walk(place - 1, undo)}
        onRedo={walk(place + 1, redo)}
        menu={<TicketMenu ticket={ticket} actions={actions} attempt={attempt} />}
      />
      <StationTape ticketId={ticket.id} stations={stations} current={current} />
      {failure && <Notice tone="stop">{failure}</Notice>}
      <LineNotices ticket={ticket} />
      <TicketWhere
        ticket={ticket}
        onBack={() => attempt(actions.put('ticket', { state: 'open' }), 'The ticket was not changed.')}
      />
      <main className="min-h-0 grow pt-4 max-lg:overflow-x-hidden max-lg:overflow-y-auto max-md:pt-2">
        <Outlet context={context} />
      </main>
    </div>
  );
}
