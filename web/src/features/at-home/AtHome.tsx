import { sequenceIds, sequenceNames, type SequenceId } from '@ample-bolt/core/measures/sequences';
import type { HomeLink } from '@ample-bolt/core/shop/home-set';
import { format, parseISO } from 'date-fns';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { homePicture, openHomeLink, useHomeLinks, withdrawHomeLink } from '../../api/home.ts';
import { paths } from '../../app/paths.ts';
import { Button, buttonClass } from '../../ui/Button.tsx';
import { CopyButton } from '../../ui/CopyButton.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { boxClass } from '../../ui/Field.tsx';

const stateWords: { readonly [state in HomeLink['state']]: string } = {
  open: 'waiting for the client',
  sent: 'arrived, to be looked at',
  accepted: 'taken as a set',
  refused: 'left',
  expired: 'run out',
};

/** Lets the client measure at home: the guide on paper, or a page behind a private link, and what became of each link. */
export function AtHome() {
  const { ticket } = useTicketContext();
  const { data: links = [], mutate } = useHomeLinks(ticket.id);
  const [sequence, setSequence] = useState<SequenceId>(ticket.client.kind === 'child' ? 'child' : 'style');
  const [days, setDays] = useState('7');
  const [to, setTo] = useState(ticket.client.name);
  const [url, setUrl] = useState<string>();
  const [failure, setFailure] = useState<string>();
  const attempt = (change: Promise<unknown>) =>
    change
      .then(() => setFailure(undefined))
      .catch((error: unknown) => setFailure(error instanceof Error ? error.message : 'It was not done.'))
      .finally(() => void mutate());
  const make = () =>
    void attempt(
      openHomeLink(ticket.id, { sequence, days: Number(days), to }).then((made) => setUrl(made.url)),
    );
  return (
    <div className="flex flex-col gap-4">
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          make();
        }}
      >
        <Field label="What is measured">
          <select
            value={sequence}
            onChange={(event) => setSequence(event.target.value as SequenceId)}
            className={boxClass}
          >
            {sequenceIds.map((id) => (
              <option key={id} value={id}>
                {sequenceNames[id]}
              </option>
            ))}
          </select>
        </Field>
        <Field label="The message is for">
          <input
            value={to}
            maxLength={120}
            onChange={(event) => setTo(event.target.value)}
            className={boxClass}
          />
        </Field>
        <Field label="Days that the link holds">
          <input
            type="number"
            min={1}
            max={30}
            value={days}
            onChange={(event) => setDays(event.target.value)}
            className={`${boxClass} w-24`}
          />
        </Field>
        <p className="flex flex-wrap gap-3">
          <Button type="submit">Make a private link</Button>
          <a
            href={paths.guidePdf(ticket.id, sequence)}
            target="_blank"
            rel="noreferrer"
            className={buttonClass('outline')}
          >
            <Printer size={16} aria-hidden />
            The guide on paper
          </a>
        </p>
      </form>
      {failure && <Notice tone="stop">{failure}</Notice>}
      {url && (
        <Notice tone="done" action={<CopyButton text={url}>Copy the link</CopyButton>}>
          <p className="font-semibold break-all">{url}</p>
          <p className="text-sm">
            Shown this once. The message that carries it lies in the{' '}
            <Link to={paths.outbox} className="font-semibold text-indigo underline">
              outbox
            </Link>
            .
          </p>
        </Notice>
      )}
      {links.length > 0 && (
        <ul aria-label="Private links" className="border-t border-linen-2">
          {links.map(({ id, state, sequence: asked, expiresAt, pictures }) => (
            <li key={id} className="flex flex-wrap items-center gap-3 border-b border-linen-2 py-2">
              <span className="grow">
                {asked}, until {format(parseISO(expiresAt), 'd MMM')}
                <span className="block text-sm text-walnut-2">{stateWords[state]}</span>
              </span>
              {pictures.map((picture, index) => (
                <a
                  key={picture}
                  href={homePicture(ticket.id, id, picture)}
                  target="_blank"
                  rel="noreferrer"
                  className="font-semibold text-indigo underline"
                >
                  Picture {index + 1}
                </a>
              ))}
              {state !== 'sent' && (
                <Button look="quiet" onClick={() => void attempt(withdrawHomeLink(ticket.id, id))}>
                  {state === 'open' || state === 'expired' ? 'Take it back' : 'Throw away'}
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

const Field = ({ label, children }: { readonly label: string; readonly children: React.ReactNode }) => (
  <label className="flex flex-wrap items-center justify-between gap-2">
    <span className="font-semibold text-walnut-2">{label}</span>
    {children}
  </label>
);
