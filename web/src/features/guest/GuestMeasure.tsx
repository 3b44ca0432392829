import { measureOf, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { checkMeasures, findingsAbout } from '@ample-bolt/core/measures/plausibility';
import { stepsFor } from '@ample-bolt/core/measures/steps';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { useRef } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { BodyFigure } from '../measure/BodyFigure.tsx';
import type { GuestEntry } from './use-guest-entry.ts';

interface GuestMeasureProps {
  readonly id: MeasureId;
  readonly entry: GuestEntry;
  readonly busy: boolean;
  readonly onBack: () => void;
  readonly onNext: () => void;
}

/** One measure: where the tape runs, how, and the figure. It may be left out. */
export function GuestMeasure({ id, entry, busy, onBack, onNext }: GuestMeasureProps) {
  const field = useRef<HTMLInputElement>(null);
  const { entries, kind } = entry.page;
  const { unit, from } = entries;
  const fault = entry.faultOf(id);
  const findings = findingsAbout(checkMeasures(entry.values, kind, ruleSet()), id);
  const given = entry.textOf(id).trim() !== '';
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (fault) field.current?.select();
        else onNext();
      }}
    >
      <h1 className="text-4xl">{measureOf(id).names[0]}</h1>
      <div className="h-72 rounded-soft border border-linen-2 bg-linen-1 p-2">
        <BodyFigure measure={id} kind={kind} />
      </div>
      <div className="text-lg leading-snug">
        {stepsFor(id, from).map((step) => (
          <p key={step}>{step}</p>
        ))}
      </div>
      <label className="flex items-baseline gap-3">
        <span className="sr-only">{measureOf(id).names[0]}</span>
        <input
          ref={field}
          autoFocus
          autoComplete="off"
          value={entry.textOf(id)}
          onChange={(event) => entry.type(id, event.target.value)}
          aria-invalid={fault !== undefined}
          aria-describedby="guest-says"
          className="w-full min-w-0 border-b-[3px] border-indigo bg-transparent pb-1 text-5xl font-bold outline-none focus-visible:border-chalk-now focus-visible:shadow-none aria-invalid:border-madder"
        />
        <span aria-hidden className="text-2xl text-walnut-2">
          {unit}
        </span>
      </label>
      <div id="guest-says" aria-live="polite" className="flex flex-col gap-2">
        {fault && <Notice tone="stop">{fault}</Notice>}
        {!fault &&
          findings.map((finding) => {
            const { message, remedy } = findingWords(finding, unit);
            return (
              <Notice key={message} tone={finding.severity}>
                <p className="font-semibold">{message}</p>
                <p className="text-sm text-walnut-2">{remedy}</p>
              </Notice>
            );
          })}
      </div>
      <div className="grid grid-cols-[auto_1fr] gap-3">
        <Button look="quiet" className="min-h-13" disabled={busy} onClick={onBack}>
          Back
        </Button>
        <Button type="submit" className="min-h-13 text-lg" disabled={busy}>
          {given ? 'Next' : 'Leave it out'}
        </Button>
      </div>
    </form>
  );
}
