import { stationsOf } from '@ample-bolt/core/shop/stations';
import { useState } from 'react';
import { Link } from 'react-router';
import { useTickets } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { buttonClass } from '../../ui/Button.tsx';
import { Card } from '../../ui/Card.tsx';
import { dayText } from '../../ui/day.ts';
import { SearchField } from '../../ui/SearchField.tsx';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { nextStep } from '../ticket/next-step.ts';
import { NoTickets } from './NoTickets.tsx';
import { GarmentThumb } from '../ticket/GarmentThumb.tsx';
import { ProgressStrip } from '../ticket/ProgressStrip.tsx';

/** Every ticket, to be found by number, title, client or cloth. */
export function TicketsPage() {
  const { data: tickets, error, mutate } = useTickets();
  const [sought, setSought] = useState('');
  const found = tickets?.filter(({ number, title, client, cloth }) =>
    [number, title, client.name, cloth ?? ''].join(' ').toLowerCase().includes(sought.trim().toLowerCase()),
  );
  return (
    <main className="flex flex-col gap-4 p-6 max-md:p-4">
      <header className="flex flex-wrap items-center gap-4 max-md:gap-3">
        <h1 className="grow text-3xl">Tickets</h1>
        <SearchField
          label="Find a ticket"
          hint="Find by number, name or cloth"
          value={sought}
          onChange={setSought}
          className="w-72 max-md:order-last max-md:w-full"
        />
        <Link to={paths.newTicket} className={buttonClass('act')}>
          New ticket
        </Link>
      </header>
      {error && <Failed error={error} again={() => void mutate()} />}
      {!tickets && !error && <Waiting what="the tickets" />}
      {tickets?.length === 0 && <NoTickets title="No ticket was opened yet" />}
      {found && tickets && tickets.length > 0 && (
        <Card>
          {found.length === 0 && <p className="p-6 text-walnut-2">Nothing is called “{sought}”.</p>}
          <ul>
            {found.map((ticket) => {
              const step = nextStep(ticket.progress);
              return (
                <li key={ticket.id} className="border-t border-linen-2 first:border-t-0">
                  <Link
                    to={paths.station(ticket.id, step.station)}
                    className="grid grid-cols-[36px_48px_minmax(0,1.4fr)_minmax(0,1fr)_minmax(0,1fr)_100px_230px] items-center gap-4 px-5 py-1.5 hover:bg-linen-1 max-lg:grid-cols-[28px_48px_minmax(0,1fr)_110px] max-lg:gap-x-3 max-lg:gap-y-0.5 max-md:px-4"
                  >
                    <span className="font-head font-semibold max-lg:row-span-3">{ticket.number}</span>
                    <span className="max-lg:row-span-3">
                      <GarmentThumb ticket={ticket} />
                    </span>
                    <span className="truncate font-semibold">{ticket.title}</span>
                    <span className="truncate max-lg:order-1 max-lg:col-start-3">{ticket.client.name}</span>
                    <span className="flex min-w-0 items-center gap-2 text-walnut-2 max-lg:hidden">
                      {ticket.colour && (
                        <span
                          className="size-4 shrink-0 rounded-[3px] border border-linen-3"
                          style={{ background: ticket.colour }}
                          aria-hidden
                        />
                      )}
                      <span className="truncate">{ticket.cloth ?? 'no cloth yet'}</span>
                    </span>
                    <span className="max-lg:text-right">{dayText(ticket.dueOn)}</span>
                    <span className="flex flex-col gap-1 max-lg:order-2 max-lg:col-span-2 max-lg:col-start-3">
                      <ProgressStrip stations={stationsOf(ticket.progress)} />
                      <span className="text-sm text-walnut-2">{step.words}</span>
                    </span>
                  </Link>
                </li>
              );
            })}
          </ul>
        </Card>
      )}
    </main>
  );
}
