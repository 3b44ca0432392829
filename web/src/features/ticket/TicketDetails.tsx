import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { useClients } from '../../api/clients.ts';
import type {} from '@ample-bolt/core/shop/ticket-list';
import { copyTicket, isTicketList } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { Button } from '../../ui/Button.tsx';
import { dayFrom } from '../../ui/day.ts';
import { Dialog } from '../../ui/Dialog.tsx';
import { Notice } from '../../ui/Notice.tsx';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';

interface TicketDetailsProps {
  readonly ticket: Ticket;
  /** The ticket's own details, or those of another like it. */
  readonly as: 'details' | 'copy';
  readonly actions: TicketActions;
  readonly onClose: () => void;
}

const fieldClass =
  'mt-1 block min-h-11 w-full rounded-soft border border-linen-3 bg-white px-3 text-lg font-normal';

/** Title, day and client of a ticket, or title and day of another like it. */
export function TicketDetails({ ticket, as, actions, onClose }: TicketDetailsProps) {
  const navigate = useNavigate();
  const { mutate } = useSWRConfig();
  const { data: clients = [] } = useClients();
  const [title, setTitle] = useState(ticket.title);
  const [dueOn, setDueOn] = useState(as === 'copy' ? dayFrom(new Date(), 21) : ticket.dueOn);
  const [clientId, setClientId] = useState(ticket.client.id);
  const [problem, setProblem] = useState<string>();
  const [asked, setAsked] = useState<string>();
  const isPast = dueOn < dayFrom(new Date(), 0) && dueOn !== ticket.dueOn;
  const store = async () => {
    if (as === 'copy') {
      const made = await copyTicket(ticket.id, { title, dueOn });
      await mutate(isTicketList);
      await navigate(paths.station(made.id, 'measure'));
      return;
    }
    const changed = {
      ...(title.trim() !== ticket.title && { title: title.trim() }),
      ...(dueOn !== ticket.dueOn && { dueOn }),
    };
    if (Object.keys(changed).length > 0) await actions.put('ticket', changed);
    if (clientId !== ticket.client.id) await actions.put('client', { client: { id: clientId } });
  };
  const submit = () => {
    if (title.trim() === '') return setProblem('Give it a title, such as “Navy dress”.');
    if (dueOn === '') return setProblem('Choose the day it must be ready.');
    setProblem(undefined);
    if (isPast && asked !== dueOn) return setAsked(dueOn);
    store()
      .then(onClose)
      .catch((error: unknown) =>
        setProblem(error instanceof Error ? error.message : 'Not stored; try again.'),
      );
  };
  return (
    <Dialog title={as === 'copy' ? 'Another like it' : 'This ticket'} open onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        {as === 'copy' && (
          <p className="text-walnut-2">
            The measures, the style and its choices, rules, figures and cloths are taken over; it is laid and
            chalked by itself.
          </p>
        )}
        <label className="font-semibold">
          Title
          <input
            className={fieldClass}
            value={title}
            maxLength={160}
            onChange={({ target }) => setTitle(target.value)}
          />
        </label>
        <label className="font-semibold">
          Due
          <input
            type="date"
            className={fieldClass}
            value={dueOn}
            onChange={({ target }) => setDueOn(target.value)}
          />
        </label>
        {as === 'details' && (
          <label className="font-semibold">
            Client
            <select
              className={fieldClass}
              value={clientId}
              onChange={({ target }) => setClientId(target.value)}
            >
              {clients.map(({ id, name, kind }) => (
                <option key={id} value={id}>
                  {name}
                  {kind === 'child' ? ', child' : ''}
                </option>
              ))}
            </select>
            {clientId !== ticket.client.id && (
              <span className="block pt-1 text-sm font-normal text-walnut-2">
                The measures that were taken for this ticket go along.
              </span>
            )}
          </label>
        )}
        {problem && <Notice tone="stop">{problem}</Notice>}
        {isPast && asked === dueOn && (
          <Notice tone="care">That day is over already. Change it, or store it all the same.</Notice>
        )}
        <p className="flex gap-3">
          <Button type="submit">{as === 'copy' ? 'Open it' : 'Store'}</Button>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
        </p>
      </form>
    </Dialog>
  );
}
