import { measuringAtHome } from '@ample-bolt/core/words/home-words';
import { format, parseISO } from 'date-fns';
import { useState, type ReactNode } from 'react';
import { useParams } from 'react-router';
import { guestActions, useGuest } from '../../api/home.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { UnitSwitch } from '../../ui/UnitSwitch.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { Waiting } from '../../ui/Waiting.tsx';
import { GuestMeasure } from './GuestMeasure.tsx';
import { GuestPictures } from './GuestPictures.tsx';
import { GuestReview } from './GuestReview.tsx';
import { GuestWords } from './GuestWords.tsx';
import { useGuestEntry } from './use-guest-entry.ts';

/** What a private link opens: a client measures herself, led one step at a time. It knows nothing of the shop's pages. */
export function GuestPage() {
  const { token = '' } = useParams();
  const { data: page, error, mutate } = useGuest(token);
  if (page) return <Steps key={token} token={token} page={page} />;
  if (!error)
    return (
      <Sheet>
        <Waiting what="your page" />
      </Sheet>
    );
  return (
    <Sheet>
      <h1 className="text-3xl">This page cannot be opened</h1>
      <Notice
        tone="stop"
        action={
          <button
            type="button"
            onClick={() => void mutate()}
            className="min-h-11 px-3 font-semibold text-madder"
          >
            Try again
          </button>
        }
      >
        {error.message}
      </Notice>
    </Sheet>
  );
}

const Sheet = ({ children }: { readonly children: ReactNode }) => (
  <main className="mx-auto flex min-h-dvh max-w-2xl flex-col gap-4 px-5 py-5">{children}</main>
);

interface StepsProps {
  readonly token: string;
  readonly page: NonNullable<ReturnType<typeof useGuest>['data']>;
}

function Steps({ token, page }: StepsProps) {
  const entry = useGuestEntry(token, page);
  const { asked, entries, sent, expiresAt } = page;
  // Kept, so that a phone that was put away opens where it was.
  const [step = -1, keepStep] = useKept<number>(`home-step-${token.slice(0, 12)}`);
  const [leaving, setLeaving] = useState(false);
  const go = (to: number) => {
    keepStep(() => to);
    window.scrollTo(0, 0);
  };
  /** Stores what is typed and goes on; a failure is said, and what is typed stays. */
  const goOn = async (to: number) => {
    setLeaving(true);
    if (await entry.save()) go(to);
    setLeaving(false);
  };
  const pictureUrl = (id: string) => guestActions(token).pictureUrl(id);
  if (sent)
    return (
      <Sheet>
        <h1 className="text-3xl">Sent, with thanks</h1>
        <Notice tone="done">The shop has your measures and will look at them.</Notice>
        <GuestReview entry={entry} pictureUrl={pictureUrl} />
      </Sheet>
    );
  const measure = asked[step];
  return (
    <Sheet>
      <header className="flex items-center gap-3">
        <p className="grow font-semibold text-walnut-2">
          {measure ? `${step + 1} of ${asked.length}` : 'Measuring at home'}
        </p>
        <UnitSwitch unit={entries.unit} onChange={(unit) => void entry.save({ unit })} />
      </header>
      {measure && (
        <div aria-hidden className="h-1.5 rounded-soft bg-linen-2">
          <div
            className="h-full rounded-soft bg-indigo"
            style={{ width: `${((step + 1) / asked.length) * 100}%` }}
          />
        </div>
      )}
      {entry.failure && <Notice tone="stop">{entry.failure}</Notice>}
      {step < 0 && (
        <>
          <h1 className="text-4xl">Your measures</h1>
          <ul className="flex list-disc flex-col gap-2 pl-5 text-lg leading-snug">
            {measuringAtHome.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <GuestWords
            label="What do you wear under the tape?"
            keptAs={`home-worn-${token.slice(0, 12)}`}
            stored={entries.undergarment}
            most={120}
            onStore={(undergarment) => entry.save({ undergarment })}
          />
          <p className="text-walnut-2">
            This page is yours until {format(parseISO(expiresAt), 'd MMMM yyyy')}. What you enter goes to the
            shop only when you send it.
          </p>
          <Button className="min-h-13 text-lg" onClick={() => go(0)}>
            Begin
          </Button>
        </>
      )}
      {measure && (
        <GuestMeasure
          key={measure}
          id={measure}
          entry={entry}
          busy={leaving}
          onBack={() => void goOn(step - 1)}
          onNext={() => void goOn(step + 1)}
        />
      )}
      {step >= asked.length && (
        <>
          <GuestPictures entry={entry} pictureUrl={pictureUrl} />
          <GuestWords
            label="Anything that the shop should know?"
            keptAs={`home-remarks-${token.slice(0, 12)}`}
            stored={entries.remarks}
            most={1000}
            long
            onStore={(remarks) => entry.save({ remarks })}
          />
          <GuestReview entry={entry} onChoose={(id) => go(asked.indexOf(id))} />
          <div className="grid grid-cols-[auto_1fr] gap-3">
            <Button look="quiet" className="min-h-13" onClick={() => go(asked.length - 1)}>
              Back
            </Button>
            <Button className="min-h-13 text-lg" onClick={() => void entry.finish()}>
              Send to the shop
            </Button>
          </div>
        </>
      )}
    </Sheet>
  );
}
