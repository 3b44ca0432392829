import { measureOf, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { checkMeasures, findingsAbout } from '@ample-bolt/core/checks/plausibility';
import { stepsFor } from '@ample-bolt/core/measures/steps';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { useRef } from 'react';
import { Button } from '../../ui/Button.tsx';
import { FigureField } from '../../ui/FigureField.tsx';
import { FindingNotice } from '../../ui/FindingNotice.tsx';
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
      <FigureField
        label={measureOf(id).names[0]}
        value={entry.textOf(id)}
        unit={unit}
        faulty={fault !== undefined}
        field={field}
        describedBy="guest-says"
        onType={(text) => entry.type(id, text)}
      />
      <div id="guest-says" aria-live="polite" className="flex flex-col gap-2">
        {fault && <Notice tone="stop">{fault}</Notice>}
        {!fault &&
          findings.map((finding) => <FindingNotice key={finding.code} finding={finding} unit={unit} />)}
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
