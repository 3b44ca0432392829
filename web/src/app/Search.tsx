import { useEffect, useEffectEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import type { TicketSummary } from '@ample-bolt/core/shop/ticket-list';
import { useTickets } from '../api/tickets.ts';
import { nextStep } from '../features/ticket/next-step.ts';
import { useSettled } from '../ui/use-settled.ts';
import { Dialog } from '../ui/Dialog.tsx';
import { dayText } from '../ui/day.ts';
import { paths } from './paths.ts';

const MOST_SHOWN = 8;

/** Finds a ticket by number, title, client or cloth, from any page. */
function Find({ onClose }: { readonly onClose: () => void }) {
  const navigate = useNavigate();
  const [sought, setSought] = useState('');
  const [at, setAt] = useState(0);
  const q = useSettled(sought, 120);
  // The best match first: by number, by the whole of what is sought, then those at work.
  const { data, error, isLoading } = useTickets({
    state: q === '' ? 'open' : 'all',
    q,
    limit: MOST_SHOWN,
    count: 'no',
  });
  const found = data?.tickets ?? [];
  /** Whether what is listed is what was typed. */
  const isFound = q === sought && !isLoading && data !== undefined;
  const [pressed, setPressed] = useState(false);
  const go = (ticket: TicketSummary | undefined) => {
    if (!ticket) return;
    onClose();
    void navigate(paths.station(ticket.id, nextStep(ticket.progress).station));
  };
  // Enter that comes before the list is of what was typed: it goes on as soon as it is, and never to what stood there before.
  const goOn = useEffectEvent(() => go(found[at]));
  useEffect(() => {
    if (pressed && isFound) goOn();
  }, [pressed, isFound]);
  const move = (by: 1 | -1) => setAt(Math.max(0, Math.min(found.length - 1, at + by)));
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (isFound) go(found[at]);
        else setPressed(true);
      }}
    >
      <input
        type="search"
        autoFocus
        aria-label="Number, title, client or cloth"
        placeholder="Number, title, client or cloth"
        value={sought}
        onChange={(event) => {
          setSought(event.target.value);
          setAt(0);
          setPressed(false);
        }}
        onKeyDown={(event) => {
          if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
          event.preventDefault();
          move(event.key === 'ArrowDown' ? 1 : -1);
        }}
        className="min-h-12 w-full rounded-soft border border-linen-3 bg-white px-4 text-xl"
      />
      {error && <p className="mt-3 text-madder">{error.message}</p>}
      {data && found.length === 0 && !error && (
        <p className="mt-4 text-walnut-2">{q ? `Nothing is called “${q}”.` : 'No ticket is at work.'}</p>
      )}
      <ul className="mt-3">
        {found.map((ticket, index) => (
          <li key={ticket.id}>
            <button
              type="button"
              onClick={() => go(ticket)}
              aria-current={index === at}
              className="flex min-h-11 w-full items-center gap-4 rounded-soft px-3 text-left hover:bg-linen-1 aria-[current=true]:bg-indigo-1"
            >
              <span className="w-8 font-head font-semibold">{ticket.number}</span>
              <span className="grow truncate font-semibold">{ticket.title}</span>
              <span className="truncate text-walnut-2">{ticket.client.name}</span>
              <span className="text-sm text-walnut-2">{dayText(ticket.dueOn)}</span>
            </button>
          </li>
        ))}
      </ul>
    </form>
  );
}

export const Search = ({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) => (
  <Dialog title="Find a ticket" open={open} onClose={onClose}>
    {open && <Find onClose={onClose} />}
  </Dialog>
);
