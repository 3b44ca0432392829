import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { copyTicket, isTicketList } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { Button } from '../../ui/Button.tsx';
import { dayFrom } from '../../ui/day.ts';
import { Dialog } from '../../ui/Dialog.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { controlClass, Field } from '../../ui/Field.tsx';
import { ClientPicker } from '../clients/ClientPicker.tsx';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';

interface TicketDetailsProps {
  readonly ticket: Ticket;
  /** The ticket's own details, or those of another like it. */
  readonly as: 'details' | 'copy';
  readonly actions: TicketActions;
  readonly onClose: () => void;
}

interface Details {
  readonly title: string;
  readonly dueOn: string;
  readonly client: { readonly id: string | undefined; readonly name: string };
}

/** Title, day and client of a ticket, or title and day of another like it. */
export function TicketDetails({ ticket, as, actions, onClose }: TicketDetailsProps) {
  const navigate = useNavigate();
  const { mutate } = useSWRConfig();
  const [typed, keep] = useKept<Partial<Details>>(`ticket-${as}-${ticket.id}`);
  const { title, dueOn, client }: Details = {
    title: ticket.title,
    dueOn: as === 'copy' ? dayFrom(new Date(), 21) : ticket.dueOn,
    client: ticket.client,
    ...typed,
  };
  const type = (change: Partial<Details>) => keep((held) => ({ ...held, ...change }));
  const leave = () => {
    keep(() => undefined);
    onClose();
  };
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
    if (client.id !== undefined && client.id !== ticket.client.id)
      await actions.put('client', { client: { id: client.id } });
  };
  const submit = () => {
    if (title.trim() === '') return setProblem('Give it a title, such as “Navy dress”.');
    if (dueOn === '') return setProblem('Choose the day it must be ready.');
    if (client.id === undefined)
      return setProblem(`Pick the client from the list, or write ${ticket.client.name} again.`);
    setProblem(undefined);
    if (isPast && asked !== dueOn) return setAsked(dueOn);
    store()
      .then(leave)
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
        <Field label="Title">
          <input
            className={controlClass}
            value={title}
            maxLength={160}
            onChange={({ target }) => type({ title: target.value })}
          />
        </Field>
        <Field label="Due">
          <input
            type="date"
            className={controlClass}
            value={dueOn}
            onChange={({ target }) => type({ dueOn: target.value })}
          />
        </Field>
        {as === 'details' && (
          <ClientPicker
            label="Client"
            value={client.name}
            onType={(name) =>
              type({ client: { id: name === ticket.client.name ? ticket.client.id : undefined, name } })
            }
            onPick={({ id, name }) => type({ client: { id, name } })}
            hint={
              client.id === undefined
                ? 'Pick her from the list; a new client is opened with a ticket of her own.'
                : client.id === ticket.client.id
                  ? undefined
                  : 'The measures that were taken for this ticket go along.'
            }
          />
        )}
        {problem && <Notice tone="stop">{problem}</Notice>}
        {isPast && asked === dueOn && (
          <Notice tone="care">That day is over already. Change it, or store it all the same.</Notice>
        )}
        <p className="flex gap-3">
          <Button type="submit">{as === 'copy' ? 'Open it' : 'Store'}</Button>
          <Button look="quiet" onClick={leave}>
            Cancel
          </Button>
        </p>
      </form>
    </Dialog>
  );
}
