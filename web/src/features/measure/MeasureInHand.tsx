import { measureOf } from '@ample-bolt/core/measures/catalogue';
import { stepsFor } from '@ample-bolt/core/measures/steps';
import { ListChecks } from 'lucide-react';
import { useState } from 'react';
import { Dialog } from '../../ui/Dialog.tsx';
import { useWakeLock } from '../../ui/use-wake-lock.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { BodyFigure } from './BodyFigure.tsx';
import { ArrivedSet } from '../at-home/ArrivedSet.tsx';
import { BeginFromLast } from './BeginFromLast.tsx';
import { Keypad } from './Keypad.tsx';
import { HeldMeasure } from './HeldMeasure.tsx';
import { LastTime } from './LastTime.tsx';
import { MeasureField } from './MeasureField.tsx';
import { MeasureList } from './MeasureList.tsx';
import { MeasureSays } from './MeasureSays.tsx';
import { pressKey } from './press-key.ts';
import { SetCard } from './SetCard.tsx';
import type { MeasureProps } from './measure-props.ts';
import { WaysIn } from './WaysIn.tsx';

/** Measuring with a phone in the hand that does not hold the tape: the measure above, a pad for the thumb below. */
export function MeasureInHand({ measuring, tape }: MeasureProps) {
  const { ticket } = useTicketContext();
  const { unit, measures } = ticket;
  const { asked, entry, current, index, next } = measuring;
  const [listing, setListing] = useState(false);
  useWakeLock();
  return (
    <form
      className="flex h-full flex-col"
      onSubmit={(event) => {
        event.preventDefault();
        measuring.forward();
      }}
    >
      <div className="flex min-h-0 grow flex-col overflow-auto px-1">
        <div className="grid grid-cols-[minmax(0,1fr)_132px] gap-3">
          <div>
            <h2 className="text-3xl">{measureOf(current).names[0]}</h2>
            <div className="mt-1 leading-snug">
              {stepsFor(current, measures.from).map((step) => (
                <p key={step}>{step}</p>
              ))}
            </div>
            <div className="mt-2">
              <MeasureField measuring={measuring} unit={unit} pad />
              <HeldMeasure measuring={measuring} />
            </div>
          </div>
          <div className="h-52">
            <BodyFigure measure={current} kind={ticket.client.kind} />
          </div>
        </div>
        <ArrivedSet />
        <BeginFromLast entry={entry} />
        <LastTime measuring={measuring} unit={unit} />
        <div className="mt-2">
          <MeasureSays measuring={measuring} unit={unit} />
        </div>
      </div>
      <p className="flex items-center gap-2 py-1 text-sm text-walnut-2">
        <button
          type="button"
          onClick={() => setListing(true)}
          className="flex min-h-11 items-center gap-2 rounded-soft border border-linen-3 bg-white px-3 font-semibold text-walnut"
        >
          <ListChecks size={18} aria-hidden />
          {index + 1} of {asked.length}
        </button>
        <span role="status" className="grow">
          {entry.unsaved ? 'kept here, not stored yet' : 'stored'}
        </span>
        {next && (
          <button type="button" onClick={measuring.skip} className="min-h-11 px-3 font-semibold text-indigo">
            Skip
          </button>
        )}
      </p>
      <Keypad
        unit={unit}
        last={!next}
        onKey={(key) =>
          entry.type(current, pressKey(entry.textOf(current), key, unit === 'in' ? 'cm' : 'in'))
        }
      />
      <Dialog title="Measures" open={listing} onClose={() => setListing(false)}>
        <MeasureList
          measuring={measuring}
          onChoose={(id) => {
            measuring.choose(id);
            setListing(false);
          }}
        />
        <div className="mt-3">
          <SetCard entry={entry} />
        </div>
        <div className="mt-3">
          <WaysIn tape={tape} />
        </div>
      </Dialog>
    </form>
  );
}
