import { namesakesOf, type KnownClient } from '@ample-bolt/core/shop/known-client';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import type { Unit } from '@ample-bolt/core/units/length';
import { useEffect, useState } from 'react';
import { useController, useForm, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { ApiProblem } from '../../api/fetcher.ts';
import { isOfClients, useClients } from '../../api/clients.ts';
import { isTicketList, openFromOrder, openTicket } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';
import { Button } from '../../ui/Button.tsx';
import { dayFrom } from '../../ui/day.ts';
import { controlClass, Field } from '../../ui/Field.tsx';
import { FileButton } from '../../ui/FileButton.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Segmented } from '../../ui/Segmented.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { ClientPicker } from '../clients/ClientPicker.tsx';
import { WhichClient } from '../clients/WhichClient.tsx';
import { StyleBook } from '../ticket/StyleBook.tsx';

interface Fields {
  client: string;
  kind: 'adult' | 'child';
  title: string;
  styleId: string;
  dueOn: string;
  unit: Unit;
}

/** An order file that waits for somebody to say whose it is. */
interface FiledOrder {
  readonly title: string;
  readonly content: Readonly<Record<string, unknown>>;
  readonly namesakes: readonly KnownClient[];
}

const fresh = (): Fields => ({
  client: '',
  kind: 'adult',
  title: '',
  styleId: 'fitted-dress',
  dueOn: dayFrom(new Date(), 21),
  unit: 'in',
});

/** A new ticket: for whom, what, and by when. What is typed survives a reload. */
export function NewTicketPage() {
  const navigate = useNavigate();
  const { mutate } = useSWRConfig();
  const [kept, keep] = useKept<Fields>('new-ticket');
  const { register, handleSubmit, control, setValue, formState } = useForm<Fields>({
    defaultValues: { ...fresh(), ...kept },
  });
  const fields = useWatch({ control });
  const { field: client } = useController({
    control,
    name: 'client',
    rules: { validate: (name) => name.trim() !== '' || 'Write the client’s name.' },
  });
  const [failure, setFailure] = useState<string>();
  const { data: listed, isLoading } = useClients({ q: client.value, limit: 40 });
  const namesakes = namesakesOf(listed?.clients ?? [], client.value);
  const [said, keepSaid] = useKept<{ readonly name: string; readonly which: string }>('new-ticket-for');
  // One who is known by that name is meant unless somebody says otherwise; of two, somebody has to.
  const which =
    said?.name === fields.client ? said?.which : namesakes.length === 1 ? namesakes[0]?.id : undefined;
  const known = namesakes.find(({ id }) => id === which);
  const [filed, setFiled] = useState<FiledOrder>();
  useEffect(() => {
    if (formState.isDirty) keep(() => fields as Fields);
  }, [fields, formState.isDirty, keep]);

  const [asked, setAsked] = useState<string>();
  /** A day that is over is asked about once; pressed again it is meant. */
  const isPast = (fields.dueOn ?? '') !== '' && (fields.dueOn ?? '') < dayFrom(new Date(), 0);
  const isAsked = isPast && asked === fields.dueOn;
  const submit = handleSubmit(async ({ client, kind, ...ticket }) => {
    setFailure(undefined);
    if (namesakes.length > 0 && which === undefined) {
      setFailure('Say which of them it is, or somebody else.');
      return;
    }
    if (isPast && !isAsked) {
      setAsked(ticket.dueOn);
      return;
    }
    try {
      const opened = await openTicket({
        ...ticket,
        client: known ? { id: known.id } : { name: client.trim(), kind, another: which === 'new' },
      });
      keep(() => undefined);
      keepSaid(() => undefined);
      void mutate(isTicketList);
      void mutate(isOfClients);
      await navigate(paths.station(opened.id, 'measure'));
    } catch (error) {
      // Known since the list was read, or before it was here.
      if (error instanceof ApiProblem && error.code === 'known-name') void mutate(isOfClients);
      setFailure(error instanceof Error ? error.message : 'The ticket was not opened; try again.');
    }
  });

  const openFiled = async (order: FiledOrder, client?: { readonly id: string } | 'new') => {
    setFailure(undefined);
    try {
      const { title, content } = order;
      const dueOn = fields.dueOn ?? fresh().dueOn;
      const opened = await openFromOrder({ title, dueOn, order: content, ...(client && { client }) });
      keep(() => undefined);
      void mutate(isTicketList);
      void mutate(isOfClients);
      await navigate(paths.station(opened.id, 'measure'));
    } catch (error) {
      if (error instanceof ApiProblem && error.code === 'known-name')
        setFiled({ ...order, namesakes: error.body['namesakes'] as KnownClient[] });
      else setFailure(error instanceof Error ? error.message : 'The ticket was not opened; try again.');
    }
  };
  const fromFile = async (file: File) => {
    try {
      const content = parsedOrder(await file.text());
      const title = fields.title?.trim() || file.name.replace(/\.json$/i, '');
      await openFiled({ title, content, namesakes: [] });
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'The file cannot be read.');
    }
  };

  return (
    <main className="mx-auto max-w-4xl p-6">
      <header className="flex flex-wrap items-center gap-3">
        <h1 className="grow text-3xl">New ticket</h1>
        <FileButton accept=".json,application/json" onFile={(file) => void fromFile(file)}>
          From an order file
        </FileButton>
      </header>
      {filed && (
        <section className="mt-4">
          <WhichClient
            namesakes={filed.namesakes}
            value={undefined}
            onChoose={(id) => void openFiled(filed, id === 'new' ? 'new' : { id })}
          />
        </section>
      )}
      <form onSubmit={(event) => void submit(event)} className="mt-6 flex flex-col gap-5" noValidate>
        <div className="grid gap-5 md:grid-cols-2">
          <ClientPicker
            label="Client"
            autoFocus
            value={client.value}
            onType={client.onChange}
            onPick={({ id, name }) => {
              client.onChange(name);
              keepSaid(() => ({ name, which: id }));
            }}
            error={formState.errors.client?.message}
            hint={
              known
                ? `Another ticket for ${known.name}.`
                : namesakes.length > 0
                  ? 'Somebody else of this name: a new client.'
                  : 'A new name opens a new client.'
            }
          />
          <Field label="What is made" error={formState.errors.title?.message}>
            <input
              className={controlClass}
              {...register('title', {
                validate: (title) => title.trim() !== '' || 'Give it a name, such as “Navy dress”.',
              })}
            />
          </Field>
        </div>
        {namesakes.length > 0 && (
          <WhichClient
            namesakes={namesakes}
            value={which}
            onChoose={(chosen) => keepSaid(() => ({ name: fields.client ?? '', which: chosen }))}
          />
        )}
        <div className="flex flex-wrap items-end gap-x-8 gap-y-4">
          <Field label="Due" error={formState.errors.dueOn?.message}>
            <input
              type="date"
              className={controlClass}
              {...register('dueOn', { required: 'Choose the day it must be ready.' })}
            />
          </Field>
          <div className="flex items-center gap-3">
            <span className="text-sm font-semibold text-walnut-2">Measured in</span>
            <Segmented
              label="Measured in"
              value={fields.unit ?? 'in'}
              onChange={(unit) => setValue('unit', unit, { shouldDirty: true })}
              options={[
                { value: 'in', word: 'inches' },
                { value: 'cm', word: 'centimetres' },
              ]}
            />
          </div>
          {!known && (
            <div className="flex items-center gap-3">
              <span className="text-sm font-semibold text-walnut-2">Sizing</span>
              <Segmented
                label="Sizing"
                value={fields.kind ?? 'adult'}
                onChange={(kind) => setValue('kind', kind, { shouldDirty: true })}
                options={[
                  { value: 'adult', word: 'Adult' },
                  { value: 'child', word: 'Child' },
                ]}
              />
            </div>
          )}
        </div>
        <fieldset>
          <legend className="pb-1 text-sm font-semibold text-walnut-2">Style</legend>
          <StyleBook
            value={fields.styleId ?? ''}
            onChange={(styleId) => setValue('styleId', styleId, { shouldDirty: true })}
          />
          <p className="pt-1.5 text-sm text-walnut-2">{styleOf(fields.styleId ?? '')?.summary}</p>
        </fieldset>
        {failure && <Notice tone="stop">{failure}</Notice>}
        {isAsked && (
          <Notice tone="care">
            The day that it is due is over already. Change it, or open the ticket all the same.
          </Notice>
        )}
        <div className="flex gap-3">
          <Button type="submit" disabled={formState.isSubmitting || isLoading}>
            {isAsked ? 'Open it all the same' : 'Open ticket and measure'}
          </Button>
          <Button look="quiet" onClick={() => void navigate(-1)}>
            Cancel
          </Button>
        </div>
      </form>
    </main>
  );
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function parsedOrder(text: string): Readonly<Record<string, unknown>> {
  const wrong = (why: string) =>
    new Error(`This file is not an order: ${why}. Choose a file that was saved with “Whole order”.`);
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    throw wrong('it is no JSON');
  }
  if (!isObject(parsed)) throw wrong('there is no order in it');
  return parsed;
}
