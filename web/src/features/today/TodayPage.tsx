import { purchaseWords } from '@ample-bolt/core/words/purchase-words';
import { stationsOf } from '@ample-bolt/core/shop/stations';
import { format } from 'date-fns';
import { Link, useNavigate } from 'react-router';
import type { TicketSummary } from '@ample-bolt/core/shop/ticket-list';
import { useTickets } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { buttonClass, Key } from '../../ui/Button.tsx';
import { Card } from '../../ui/Card.tsx';
import { daysAway, dayText } from '../../ui/day.ts';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { clothToBuy } from './cloth-to-buy.ts';
import { nextStep } from '../ticket/next-step.ts';
import { GarmentThumb } from '../ticket/GarmentThumb.tsx';
import { GiveOut } from './GiveOut.tsx';
import { NoTickets } from '../tickets/NoTickets.tsx';
import { ProgressStrip } from '../ticket/ProgressStrip.tsx';

/** More than one looks through of a morning. */
const MOST_SHOWN = 100;

/** What lies on the table: every open ticket by its due day, each with the one thing to do next. */
export function TodayPage() {
  const today = new Date();
  const navigate = useNavigate();
  const { data, error, mutate } = useTickets({ limit: MOST_SHOWN });
  const tickets = data?.tickets;
  const inAll = data?.inAll ?? 0;
  const firstToDo = tickets?.find(({ progress }) => !nextStep(progress).done)?.id;
  useHotkeys({ n: { does: 'new ticket', act: () => void navigate(paths.newTicket) } });
  return (
    <main className="flex flex-col gap-4 p-6 max-md:p-4">
      <header className="flex flex-wrap items-center gap-4">
        <h1 className="text-3xl">{format(today, 'EEEE d MMMM')}</h1>
        {/* Its room is kept while the tickets come, so that nothing moves away from under a thumb. */}
        <p className="min-w-32 grow text-walnut-2">
          {tickets && tickets.length > 0 && (inAll === 1 ? 'one ticket open' : `${inAll} tickets open`)}
        </p>
        <Link to={paths.newTicket} className={buttonClass('act')}>
          New ticket{' '}
          <span className="max-md:hidden">
            <Key>n</Key>
          </span>
        </Link>
      </header>
      {error && <Failed error={error} again={() => void mutate()} />}
      {!tickets && !error && <Waiting what="the tickets" />}
      {tickets?.length === 0 && <NoTickets title="The table is clear" />}
      {tickets && tickets.length > 0 && (
        <div className="grid grid-cols-[minmax(0,1fr)_320px] items-start gap-5 max-lg:grid-cols-1">
          <Card title="At the table, soonest first">
            <ol>
              {tickets.map((ticket) => (
                <TicketRow key={ticket.id} ticket={ticket} today={today} first={ticket.id === firstToDo} />
              ))}
            </ol>
            {inAll > tickets.length && (
              <p className="border-t border-linen-2 px-5 py-3 text-walnut-2">
                The {tickets.length} that are due first; all of them under{' '}
                <Link to={paths.tickets} className="font-semibold text-indigo underline">
                  Tickets
                </Link>
                .
              </p>
            )}
          </Card>
          <div className="flex flex-col gap-5">
            <FromHome tickets={tickets.filter(({ fromHome }) => fromHome)} />
            <ToBuy tickets={tickets} />
          </div>
        </div>
      )}
    </main>
  );
}

function TicketRow({
  ticket,
  today,
  first,
}: {
  readonly ticket: TicketSummary;
  readonly today: Date;
  readonly first: boolean;
}) {
  const step = nextStep(ticket.progress);
  const away = daysAway(ticket.dueOn, today);
  const late = away.endsWith('late');
  return (
    <li className="grid grid-cols-[36px_48px_minmax(0,1fr)_250px_128px] items-center gap-4 border-t border-linen-2 px-5 py-2.5 first:border-t-0 max-md:grid-cols-[24px_40px_minmax(0,1fr)_auto] max-md:gap-2.5 max-md:px-4">
      <span className="font-head font-semibold">{ticket.number}</span>
      <GarmentThumb ticket={ticket} />
      <div className="min-w-0">
        <p className="truncate font-semibold max-md:line-clamp-2 max-md:whitespace-normal">
          {step.done ? (
            <Link
              to={paths.station(ticket.id, step.station)}
              className="hover:underline max-md:block max-md:min-h-11 max-md:content-center"
            >
              {ticket.title}
            </Link>
          ) : (
            ticket.title
          )}
        </p>
        <p className="text-sm text-walnut-2">
          {ticket.client.name} · {dayText(ticket.dueOn)},{' '}
          <span className={late ? 'font-semibold text-madder' : ''}>{away}</span>
        </p>
      </div>
      <div className="max-md:order-last max-md:col-span-4">
        <ProgressStrip stations={stationsOf(ticket.progress)} />
        <p className="mt-1.5 text-sm text-walnut-2">{step.words}</p>
      </div>
      {step.done ? (
        <GiveOut ticket={ticket} />
      ) : (
        <Link
          to={paths.station(ticket.id, step.station)}
          className={`${buttonClass(first ? 'act' : 'outline')} max-md:min-h-11`}
          aria-label={`${step.verb}: ${ticket.title}`}
        >
          {step.verb}
        </Link>
      )}
    </li>
  );
}

/** Tickets for which a client sent her measures. */
function FromHome({ tickets }: { readonly tickets: readonly TicketSummary[] }) {
  if (tickets.length === 0) return null;
  return (
    <Card title="Measures came from home">
      <ul>
        {tickets.map(({ id, number, client }) => (
          <li key={id}>
            <Link
              to={paths.station(id, 'measure')}
              className="flex min-h-11 items-center gap-3 px-5 hover:bg-linen-1"
            >
              <span className="font-head font-semibold">{number}</span>
              <span className="grow truncate">{client.name}</span>
              <span className="font-semibold text-indigo">Look</span>
            </Link>
          </li>
        ))}
      </ul>
    </Card>
  );
}

/** Cloth that chosen lays ask for. */
function ToBuy({ tickets }: { readonly tickets: readonly TicketSummary[] }) {
  const wanted = clothToBuy(tickets);
  return (
    <Card title="Cloth to buy">
      {wanted.length === 0 ? (
        <p className="px-5 py-4 text-walnut-2">Nothing yet. A chosen lay puts its cloth here.</p>
      ) : (
        <ul className="px-5 py-2">
          {wanted.map(({ tickets: numbers, bolt, name, colour, buy }) => (
            <li key={`${bolt} ${buy.unit}`} className="flex items-center gap-3 py-1.5">
              <span
                className="size-5 shrink-0 rounded-[3px] border border-linen-3"
                style={{ background: colour }}
                aria-hidden
              />
              <span className="min-w-0 grow">
                {name} <span className="text-walnut-2">Nº {numbers.join(', ')}</span>
              </span>
              <strong className="whitespace-nowrap">{purchaseWords(buy, 'typeset')}</strong>
            </li>
          ))}
        </ul>
      )}
    </Card>
  );
}
