import { measureOf, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { checkMeasures, findingsAbout, usualRange } from '@ample-bolt/core/measures/plausibility';
import { stepsFor } from '@ample-bolt/core/measures/steps';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { useEffect, useRef, useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { BodyFigure } from './BodyFigure.tsx';
import { Conditions } from './Conditions.tsx';
import { MeasureList } from './MeasureList.tsx';
import { measuresAsked } from './measures-asked.ts';
import { useMeasureEntry } from './use-measure-entry.ts';

const needWords = {
  required: 'needed for this style',
  derived: 'worked out from others when left out',
  check: 'a check on the draft; may be left out',
} as const;

/** One measure at a time, in taking order: number, Enter, next. */
export function MeasurePage() {
  const { ticket, actions, goTo } = useTicketContext();
  const { unit } = ticket;
  const asked = measuresAsked(ticket.styleId);
  const entry = useMeasureEntry(ticket, actions);
  const firstOpen =
    asked.find(({ id, need }) => need === 'required' && entry.values[id] === undefined) ?? asked[0];
  const [chosen, setCurrent] = useState<MeasureId>();
  const current = chosen ?? firstOpen?.id ?? 'bust';
  const index = asked.findIndex(({ id }) => id === current);
  const next = asked[index + 1];
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.select(), [current]);

  const fault = entry.faultOf(current);
  const findings = findingsAbout(checkMeasures(entry.values, ticket.client.kind), current);
  const range = usualRange(current);
  const { names } = measureOf(current);
  const steps = stepsFor(current, ticket.measures.from);
  const need = asked[index]?.need ?? 'check';

  const forward = () => {
    if (fault) {
      field.current?.select();
      return;
    }
    void entry.save();
    if (next) setCurrent(next.id);
    else goTo('style');
  };

  return (
    <div className="grid h-full grid-cols-[300px_minmax(0,1fr)_310px] gap-8">
      <MeasureList
        asked={asked}
        values={entry.values}
        faulty={(id) => entry.faultOf(id) !== undefined}
        unit={unit}
        current={current}
        onChoose={(id) => {
          void entry.save();
          setCurrent(id);
        }}
      />
      <form
        className="min-w-0 pt-3"
        onSubmit={(event) => {
          event.preventDefault();
          forward();
        }}
      >
        <p className="text-sm font-semibold text-walnut-2">
          {index + 1} of {asked.length} · {needWords[need]}
        </p>
        <h2 className="mt-1 text-4xl">{names[0]}</h2>
        {names.length > 1 && <p className="text-walnut-2">also {names.slice(1).join(', ')}</p>}
        <div className="mt-3 min-h-14 text-lg leading-snug">
          {steps.map((step) => (
            <p key={step}>{step}</p>
          ))}
        </div>
        <label className="mt-5 flex items-baseline gap-3">
          <span className="sr-only">{names[0]}</span>
          <input
            ref={field}
            autoFocus
            autoComplete="off"
            inputMode="text"
            value={entry.textOf(current)}
            onChange={(event) => entry.type(current, event.target.value)}
            onBlur={() => void entry.save()}
            aria-invalid={fault !== undefined}
            aria-describedby="measure-says"
            className="w-72 border-b-[3px] border-indigo bg-transparent pb-1 text-7xl font-bold outline-none placeholder:text-linen-3 focus-visible:border-chalk-now focus-visible:shadow-none aria-invalid:border-madder"
          />
          <span aria-hidden className="text-2xl text-walnut-2">
            {unit}
          </span>
        </label>
        <p className="mt-3 text-walnut-2">
          {range
            ? `Usually ${formatNumber(range[0], unit, { style: 'typeset' })} to ${formatNumber(range[1], unit, { style: 'typeset' })} ${unit}. `
            : ''}
          Write it any way: {unit === 'in' ? '37 1/2, 37½, 95 cm' : '95.5, 95,5, 37 1/2 in'}.
        </p>
        <div id="measure-says" className="mt-4 flex max-w-xl flex-col gap-2" aria-live="polite">
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
          {entry.failure && (
            <Notice
              tone="stop"
              action={
                <button
                  type="button"
                  className="min-h-8 rounded-soft border border-madder bg-white px-3 text-sm font-semibold"
                  onClick={() => void entry.save()}
                >
                  Send again
                </button>
              }
            >
              {entry.failure}
            </Notice>
          )}
        </div>
        <div className="mt-5 flex gap-3">
          <Button type="submit" hotkey="↵" className="min-h-12">
            {next ? `Next: ${measureOf(next.id).names[0].toLowerCase()}` : 'Done: agree the style'}
          </Button>
          {next && (
            <Button look="quiet" className="min-h-12" onClick={() => setCurrent(next.id)}>
              Skip
            </Button>
          )}
          <span role="status" className="self-center text-sm text-walnut-2">
            {entry.unsaved ? 'kept here, not stored yet' : 'stored'}
          </span>
        </div>
      </form>
      <div className="flex min-h-0 flex-col gap-3">
        <div className="min-h-0 grow rounded-soft border border-linen-2 bg-linen-1 p-4">
          <BodyFigure measure={current} taller={ticket.client.kind === 'adult'} />
        </div>
        <Conditions measures={ticket.measures} onChange={(change) => void entry.saveConditions(change)} />
      </div>
    </div>
  );
}
