import { ticketStates, type TicketState } from '@ample-bolt/core/shop/ticket';
import { stationsOf } from '@ample-bolt/core/shop/stations';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { TicketList } from '@ample-bolt/core/shop/ticket-list';
import { useTickets } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { Button, buttonClass } from '../../ui/Button.tsx';
import { Card } from '../../ui/Card.tsx';
import { dayText } from '../../ui/day.ts';
import { useSettled } from '../../ui/use-settled.ts';
import { SearchField } from '../../ui/SearchField.tsx';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { nextStep } from '../ticket/next-step.ts';
import { NoTickets } from './NoTickets.tsx';
import { GarmentThumb } from '../ticket/GarmentThumb.tsx';
import { ProgressStrip } from '../ticket/ProgressStrip.tsx';

const states: { readonly [state in TicketState]: string } = {
  open: 'At work',
  aside: 'Put aside',
  delivered: 'Delivered',
  archived: 'Archived',
  deleted: 'Thrown away',
};

/** So many more are shown at a press, up to what one still looks through. */
const PAGE = 50;
const MOST = 200;

const isShopNew = (list: TicketList | undefined): boolean =>
  Object.values(list?.counts ?? {}).every((count) => count === 0);

/** Every ticket, by where it is in its life, to be found by number, title, client or cloth. */
export function TicketsPage() {
  const [search, setSearch] = useSearchParams();
  const state = ticketStates.find((each) => each === search.get('state')) ?? 'open';
  const [sought, setSought] = useState('');
  const [limit, setLimit] = useState(PAGE);
  const q = useSettled(sought, 200);
  const { data, error, mutate } = useTickets({ state, q, limit });
  const tickets = data?.tickets;
  const inAll = data?.inAll ?? 0;
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
        <Link to={paths.recut()} className={buttonClass('outline')}>
          Recut a shirt
        </Link>
        <Link to={paths.newTicket} className={buttonClass('act')}>
          New ticket
        </Link>
      </header>
      {error && <Failed error={error} again={() => void mutate()} />}
      {!tickets && !error && <Waiting what="the tickets" />}
      <nav aria-label="Where they are" className="flex flex-wrap gap-2">
        {ticketStates.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={each === state}
            onClick={() => {
              setLimit(PAGE);
              setSearch(each === 'open' ? {} : { state: each });
            }}
            className="min-h-9 rounded-soft border border-linen-3 bg-white px-3 aria-pressed:border-walnut aria-pressed:bg-linen-1 aria-pressed:font-semibold max-md:min-h-11"
          >
            {states[each]} <span className="text-walnut-2">{data?.counts[each] ?? 0}</span>
          </button>
        ))}
      </nav>
      {tickets?.length === 0 && q === '' && state === 'open' && (
        <NoTickets title={isShopNew(data) ? 'No ticket was opened yet' : 'No ticket is at work'} />
      )}
      {tickets?.length === 0 && (q !== '' || state !== 'open') && (
        <Card>
          <p className="p-6 text-walnut-2">{q === '' ? 'None is here.' : `Nothing here is called “${q}”.`}</p>
        </Card>
      )}
      {tickets && tickets.length > 0 && (
        <Card>
          <ul>
            {tickets.map((ticket) => {
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
          {inAll > tickets.length && (
            <p className="flex items-center gap-4 border-t border-linen-2 px-5 py-3 text-walnut-2">
              <span className="grow">
                {tickets.length} of {inAll}
              </span>
              <Button
                look="quiet"
                onClick={() => setLimit(Math.min(MOST, limit + PAGE))}
                disabled={limit >= MOST}
              >
                {limit >= MOST ? 'Find the others by name' : `${PAGE} more`}
              </Button>
            </p>
          )}
        </Card>
      )}
    </main>
  );
}
