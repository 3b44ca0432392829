import { isMeasureId, measureName, measureOf } from '@ample-bolt/core/measures/catalogue';
import { deriveMeasure } from '@ample-bolt/core/worked-out/derive';
import { usualRange } from '@ample-bolt/core/checks/plausibility';
import { stepsFor } from '@ample-bolt/core/measures/steps';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { renderWorking } from '@ample-bolt/core/workings/render-working';
import { Button } from '../../ui/Button.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { ArrivedSet } from '../at-home/ArrivedSet.tsx';
import { BeginFromLast } from './BeginFromLast.tsx';
import { BodyFigure } from './BodyFigure.tsx';
import { HeldMeasure } from './HeldMeasure.tsx';
import { LastTime } from './LastTime.tsx';
import { MeasureField } from './MeasureField.tsx';
import { MeasureList } from './MeasureList.tsx';
import { MeasureSays } from './MeasureSays.tsx';
import type { AskedMeasure } from './measures-asked.ts';
import { SetCard } from './SetCard.tsx';
import type { MeasureProps } from './measure-props.ts';
import type { Measuring } from './use-measuring.ts';
import { WaysIn } from './WaysIn.tsx';

const needWords: { readonly [need in AskedMeasure['need']]: string } = {
  required: 'needed for this style',
  derived: 'worked out from others when left out',
  check: 'a check on the draft; may be left out',
  more: 'kept with the client; this style does not use it',
};

/** Measuring at the shop computer: the whole set, the measure in hand, and where the tape runs. */
export function MeasureAtTable({ measuring, tape }: MeasureProps) {
  const { ticket } = useTicketContext();
  const { unit, measures } = ticket;
  const { asked, entry, current, index, next, missing } = measuring;
  const { names } = measureOf(current);
  return (
    <div className="grid h-full grid-cols-[300px_minmax(0,1fr)_310px] gap-8 max-xl:grid-cols-[210px_minmax(0,1fr)_240px] max-xl:gap-4 max-lg:h-auto max-lg:grid-cols-[230px_minmax(0,1fr)]">
      <div className="flex min-h-0 flex-col max-lg:h-[58dvh]">
        <MeasureList measuring={measuring} onChoose={measuring.choose} />
      </div>
      <form
        className="flex min-h-0 min-w-0 flex-col overflow-auto px-1 pt-1"
        onSubmit={(event) => {
          event.preventDefault();
          measuring.forward();
        }}
      >
        <ArrivedSet />
        <BeginFromLast entry={entry} />
        <p className="mt-2 text-sm font-semibold text-walnut-2">
          {index + 1} of {asked.length} · {needWords[asked[index]?.need ?? 'check']}
        </p>
        <h2 className="mt-1 text-4xl">{names[0]}</h2>
        {names.length > 1 && <p className="text-walnut-2">also {names.slice(1).join(', ')}</p>}
        <div className="mt-3 mb-4 min-h-19 text-lg leading-snug">
          {stepsFor(current, measures.from).map((step) => (
            <p key={step}>{step}</p>
          ))}
        </div>
        <MeasureField measuring={measuring} unit={unit} />
        <HeldMeasure measuring={measuring} />
        <div className="mt-2 min-h-9">
          <LastTime measuring={measuring} unit={unit} />
        </div>
        <Guidance measuring={measuring} />
        <MeasureSays measuring={measuring} unit={unit} />
        <div className="mt-5 flex flex-wrap gap-3">
          <Button type="submit" hotkey="↵" className="min-h-12">
            {next
              ? `Next: ${measureOf(next.id).names[0].toLowerCase()}`
              : missing > 0
                ? 'Next: what is missing'
                : 'Done: agree the style'}
          </Button>
          {next && (
            <Button look="quiet" className="min-h-12" onClick={measuring.skip}>
              Skip
            </Button>
          )}
          <span role="status" className="self-center text-sm text-walnut-2">
            {entry.unsaved ? 'kept here, not stored yet' : 'stored'}
          </span>
        </div>
        <div className="mt-auto pt-4">
          <WaysIn tape={tape} />
        </div>
      </form>
      <div className="flex min-h-0 flex-col gap-3 overflow-auto max-lg:col-span-2 max-lg:grid max-lg:grid-cols-2">
        <div className="min-h-64 grow rounded-soft border border-linen-2 bg-linen-1 p-3">
          <BodyFigure measure={current} kind={ticket.client.kind} />
        </div>
        <SetCard entry={entry} />
      </div>
    </div>
  );
}

/** What it usually is, what it would be worked out as, and how it may be written. */
function Guidance({ measuring }: { readonly measuring: Measuring }) {
  const { ticket } = useTicketContext();
  const { unit, client } = ticket;
  const { current, entry } = measuring;
  const rules = ruleSet(ticket.rules);
  const range = client.kind === 'adult' ? usualRange(current, rules) : undefined;
  const inUnit = (mm: number) => formatNumber(mm, unit, { style: 'typeset' });
  const working =
    entry.values[current] === undefined ? deriveMeasure(current, entry.values, rules) : undefined;
  const typed = ticket.measures.values[current]?.typed;
  const { standard, related } = measureOf(current);
  const goesWith = related.filter(isMeasureId).filter((id) => entry.values[id] !== undefined);
  return (
    <div className="mt-1 mb-4 text-walnut-2">
      {working && (
        <p>
          Left out, it is worked out:{' '}
          <span className="italic">{renderWorking(working, unit, 'typeset')}</span>
        </p>
      )}
      {typed !== undefined && !typed.endsWith(unit) && <p>Typed as {typed}.</p>}
      <p>
        {range ? `Usually ${inUnit(range[0])} to ${inUnit(range[1])} ${unit}. ` : ''}
        Write it any way: {unit === 'in' ? '37 1/2, 37½, 95 cm' : '95.5, 95,5, 37 1/2 in'}.
      </p>
      {goesWith.length > 0 && (
        <p>
          Goes with {goesWith.map((id) => `${measureName(id)} ${inUnit(entry.values[id] ?? 0)}`).join(', ')}.
        </p>
      )}
      {standard && <p className="text-sm">Published as “{standard}”: ISO 8559-1, the name from memory.</p>}
    </div>
  );
}
