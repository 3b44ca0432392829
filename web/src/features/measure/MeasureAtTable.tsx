import { measureOf } from '@ample-bolt/core/measures/catalogue';
import { usualRange } from '@ample-bolt/core/measures/plausibility';
import { stepsFor } from '@ample-bolt/core/measures/steps';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { Button } from '../../ui/Button.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { BodyFigure } from './BodyFigure.tsx';
import { Conditions } from './Conditions.tsx';
import { LastTime } from './LastTime.tsx';
import { MeasureField } from './MeasureField.tsx';
import { MeasureList } from './MeasureList.tsx';
import { MeasureSays } from './MeasureSays.tsx';
import type { AskedMeasure } from './measures-asked.ts';
import type { Measuring } from './use-measuring.ts';

const needWords: { readonly [need in AskedMeasure['need']]: string } = {
  required: 'needed for this style',
  derived: 'worked out from others when left out',
  check: 'a check on the draft; may be left out',
};

/** Measuring at the shop computer: the whole set, the measure in hand, and where the tape runs. */
export function MeasureAtTable({ measuring }: { readonly measuring: Measuring }) {
  const { ticket } = useTicketContext();
  const { unit, measures } = ticket;
  const { asked, entry, current, index, next } = measuring;
  const { names } = measureOf(current);
  const range = usualRange(current);
  const inUnit = (mm: number) => formatNumber(mm, unit, { style: 'typeset' });
  return (
    <div className="grid h-full grid-cols-[300px_minmax(0,1fr)_310px] gap-8 max-lg:grid-cols-[250px_minmax(0,1fr)_270px] max-lg:gap-5">
      <MeasureList
        asked={asked}
        values={entry.values}
        faulty={(id) => entry.faultOf(id) !== undefined}
        unit={unit}
        current={current}
        onChoose={measuring.choose}
      />
      <form
        className="min-w-0 pt-3"
        onSubmit={(event) => {
          event.preventDefault();
          measuring.forward();
        }}
      >
        <p className="text-sm font-semibold text-walnut-2">
          {index + 1} of {asked.length} · {needWords[asked[index]?.need ?? 'check']}
        </p>
        <h2 className="mt-1 text-4xl">{names[0]}</h2>
        {names.length > 1 && <p className="text-walnut-2">also {names.slice(1).join(', ')}</p>}
        <div className="mt-3 mb-5 min-h-14 text-lg leading-snug">
          {stepsFor(current, measures.from).map((step) => (
            <p key={step}>{step}</p>
          ))}
        </div>
        <MeasureField measuring={measuring} unit={unit} />
        <div className="mt-2 min-h-9">
          <LastTime measuring={measuring} unit={unit} />
        </div>
        <p className="mt-1 mb-4 text-walnut-2">
          {range ? `Usually ${inUnit(range[0])} to ${inUnit(range[1])} ${unit}. ` : ''}
          Write it any way: {unit === 'in' ? '37 1/2, 37½, 95 cm' : '95.5, 95,5, 37 1/2 in'}.
        </p>
        <MeasureSays measuring={measuring} unit={unit} />
        <div className="mt-5 flex flex-wrap gap-3">
          <Button type="submit" hotkey="↵" className="min-h-12">
            {next ? `Next: ${measureOf(next.id).names[0].toLowerCase()}` : 'Done: agree the style'}
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
      </form>
      <div className="flex min-h-0 flex-col gap-3">
        <div className="min-h-0 grow rounded-soft border border-linen-2 bg-linen-1 p-4">
          <BodyFigure measure={current} taller={ticket.client.kind === 'adult'} />
        </div>
        <Conditions ticket={ticket} onChange={(change) => void entry.saveConditions(change)} />
      </div>
    </div>
  );
}
