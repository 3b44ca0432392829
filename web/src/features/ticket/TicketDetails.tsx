import { clothFileOf } from '@ample-bolt/core/formats/order/write-order';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { capital } from '@ample-bolt/core/text/capital';
import { useState } from 'react';
import { FormProvider, useFormContext, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { copyTicket, isTicketList } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { Button } from '../../ui/Button.tsx';
import { dayFrom } from '../../ui/day.ts';
import { Dialog } from '../../ui/Dialog.tsx';
import { controlClass, Field } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useKeptForm } from '../../ui/use-kept-form.ts';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';
import { ClientPicker } from '../clients/ClientPicker.tsx';

interface TicketDetailsProps {
  readonly ticket: Ticket;
  /** The ticket's own details, or those of another like it. */
  readonly as: 'details' | 'copy';
  readonly actions: TicketActions;
  readonly onClose: () => void;
}

interface Details {
  title: string;
  dueOn: string;
  /** Empty while what is typed names nobody. */
  clientId: string;
  clientName: string;
  /** What each cloth is called. */
  cloths: { role: ClothRole; name: string }[];
}

const detailsOf = ({ title, dueOn, client, cloths }: Ticket, as: TicketDetailsProps['as']): Details => ({
  title,
  dueOn: as === 'copy' ? dayFrom(new Date(), 21) : dueOn,
  clientId: client.id,
  clientName: client.name,
  cloths: cloths.map(({ role, name }) => ({ role, name })),
});

/** Stores what is different of a ticket, each as a change of its own. */
async function storeDetails(ticket: Ticket, details: Details, actions: TicketActions): Promise<void> {
  const title = details.title.trim();
  const changed = {
    ...(title !== ticket.title && { title }),
    ...(details.dueOn !== ticket.dueOn && { dueOn: details.dueOn }),
  };
  if (Object.keys(changed).length > 0) await actions.put('ticket', changed);
  const cloths = ticket.cloths.flatMap((cloth) => {
    const name = details.cloths.find(({ role }) => role === cloth.role)?.name.trim();
    return name === undefined || name === cloth.name ? [] : [{ ...clothFileOf(cloth), name }];
  });
  if (cloths.length > 0) await actions.put('cloths', { cloths });
  if (details.clientId !== ticket.client.id)
    await actions.put('client', { client: { id: details.clientId } });
}

/** Title, day, client and cloth names of a ticket, or title and day of another like it. */
export function TicketDetails({ ticket, as, actions, onClose }: TicketDetailsProps) {
  const navigate = useNavigate();
  const { mutate } = useSWRConfig();
  const form = useKeptForm(`ticket-${as}-${ticket.id}`, detailsOf(ticket, as));
  const { dueOn } = useWatch({ control: form.control }) as Details;
  const leave = () => {
    form.forget();
    onClose();
  };
  const [problem, setProblem] = useState<string>();
  const [asked, setAsked] = useState<string>();
  const isPast = dueOn < dayFrom(new Date(), 0) && dueOn !== ticket.dueOn;
  const submit = form.handleSubmit(async (details) => {
    setProblem(undefined);
    if (isPast && asked !== dueOn) return setAsked(dueOn);
    try {
      if (as === 'copy') {
        const made = await copyTicket(ticket.id, { title: details.title, dueOn: details.dueOn });
        await mutate(isTicketList);
        await navigate(paths.station(made.id, 'measure'));
      } else await storeDetails(ticket, details, actions);
      leave();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'Not stored; try again.');
    }
  });
  return (
    <Dialog title={as === 'copy' ? 'Another like it' : 'This ticket'} open onClose={onClose}>
      <FormProvider {...form}>
        <form className="flex flex-col gap-4" onSubmit={(event) => void submit(event)} noValidate>
          {as === 'copy' && (
            <p className="text-walnut-2">
              The measures, the style and its choices, rules, figures and cloths are taken over; it is laid
              and chalked by itself.
            </p>
          )}
          <DetailFields ticket={ticket} as={as} />
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
      </FormProvider>
    </Dialog>
  );
}

function DetailFields({ ticket, as }: Pick<TicketDetailsProps, 'ticket' | 'as'>) {
  const { register, setValue, control, formState } = useFormContext<Details>();
  const { clientId, clientName, cloths } = useWatch({ control }) as Details;
  const { errors } = formState;
  register('clientId', {
    validate: (id) => id !== '' || `Pick the client from the list, or write ${ticket.client.name} again.`,
  });
  const nameClient = (id: string, name: string) => {
    setValue('clientName', name, { shouldDirty: true });
    setValue('clientId', id, { shouldDirty: true, shouldValidate: formState.isSubmitted });
  };
  return (
    <>
      <Field label="Title" error={errors.title?.message}>
        <input
          className={controlClass}
          maxLength={160}
          {...register('title', {
            validate: (title) => title.trim() !== '' || 'Give it a title, such as “Navy dress”.',
          })}
        />
      </Field>
      <Field label="Due" error={errors.dueOn?.message}>
        <input
          type="date"
          className={controlClass}
          {...register('dueOn', { required: 'Choose the day it must be ready.' })}
        />
      </Field>
      {as === 'details' && (
        <ClientPicker
          label="Client"
          value={clientName}
          onType={(name) => nameClient(name === ticket.client.name ? ticket.client.id : '', name)}
          onPick={({ id, name }) => nameClient(id, name)}
          error={errors.clientId?.message}
          hint={
            clientId === ''
              ? 'Pick her from the list; a new client is opened with a ticket of her own.'
              : clientId === ticket.client.id
                ? undefined
                : 'The measures that were taken for this ticket go along.'
          }
        />
      )}
      {as === 'details' &&
        cloths.map(({ role }, index) => (
          <Field key={role} label={`${capital(role)} cloth`} error={errors.cloths?.[index]?.name?.message}>
            <input
              className={controlClass}
              maxLength={200}
              autoComplete="off"
              {...register(`cloths.${index}.name`, {
                validate: (name) => name.trim() !== '' || 'Give it a name, such as its colour and kind.',
              })}
            />
          </Field>
        ))}
    </>
  );
}
