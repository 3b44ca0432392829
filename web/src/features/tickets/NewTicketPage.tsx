import { useState } from 'react';
import { FormProvider, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { isOfClients } from '../../api/clients.ts';
import { ApiProblem } from '../../api/fetcher.ts';
import { useHouseStyles } from '../../api/styles.ts';
import { openTicket } from '../../api/tickets.ts';
import { Button } from '../../ui/Button.tsx';
import { dayFrom } from '../../ui/day.ts';
import { Notice } from '../../ui/Notice.tsx';
import { useKeptForm } from '../../ui/use-kept-form.ts';
import { pickedStyle } from '../ticket/picked-style.ts';
import { FromOrderFile } from './FromOrderFile.tsx';
import { freshTicket, type NewTicketFields } from './new-ticket-fields.ts';
import { TicketFields } from './TicketFields.tsx';
import { useOpened } from './use-opened.ts';
import { useWhose } from './use-whose.ts';

/** A new ticket: for whom, what, and by when. What is typed survives a reload. */
export function NewTicketPage() {
  const navigate = useNavigate();
  const { mutate } = useSWRConfig();
  const opened = useOpened();
  const form = useKeptForm('new-ticket', freshTicket());
  const { client, title, dueOn } = useWatch({ control: form.control }) as NewTicketFields;
  const whose = useWhose(client);
  const { data: own = [] } = useHouseStyles();
  const [failure, setFailure] = useState<string>();
  const [asked, setAsked] = useState<string>();
  /** A day that is over is asked about once; pressed again it is meant. */
  const isPast = dueOn !== '' && dueOn < dayFrom(new Date(), 0);
  const isAsked = isPast && asked === dueOn;
  const submit = form.handleSubmit(async ({ kind, title, styleId, dueOn, unit }) => {
    setFailure(undefined);
    if (whose.namesakes.length > 0 && whose.which === undefined) {
      setFailure('Say which of them it is, or somebody else.');
      return;
    }
    if (isPast && !isAsked) {
      setAsked(dueOn);
      return;
    }
    try {
      const picked = pickedStyle(styleId, own);
      if (!picked) throw new Error('That style is not in the book any more; pick another.');
      const style = { styleId: picked.styleId, ...(picked.choices && { choices: picked.choices }) };
      const made = await openTicket({ title, ...style, dueOn, unit, client: whose.toSend(kind) });
      form.forget();
      whose.forget();
      await opened(made);
    } catch (error) {
      // Known since the list was read, or before it was here.
      if (error instanceof ApiProblem && error.code === 'known-name') void mutate(isOfClients);
      setFailure(error instanceof Error ? error.message : 'The ticket was not opened; try again.');
    }
  });
  return (
    <main className="mx-auto max-w-4xl p-6">
      <header className="flex flex-wrap items-center gap-3">
        <h1 className="grow text-3xl">New ticket</h1>
        <FromOrderFile title={title} dueOn={dueOn} onOpened={form.forget} />
      </header>
      <FormProvider {...form}>
        <form onSubmit={(event) => void submit(event)} className="mt-6 flex flex-col gap-5" noValidate>
          <TicketFields whose={whose} />
          {failure && <Notice tone="stop">{failure}</Notice>}
          {isAsked && (
            <Notice tone="care">
              The day that it is due is over already. Change it, or open the ticket all the same.
            </Notice>
          )}
          <div className="flex gap-3">
            <Button type="submit" disabled={form.formState.isSubmitting || whose.isLoading}>
              {isAsked ? 'Open it all the same' : 'Open ticket and measure'}
            </Button>
            <Button look="quiet" onClick={() => void navigate(-1)}>
              Cancel
            </Button>
          </div>
        </form>
      </FormProvider>
    </main>
  );
}
