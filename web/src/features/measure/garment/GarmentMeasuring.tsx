import {
  garmentMeasureIds,
  garmentMeasureOf,
  type GarmentMeasureId,
} from '@ample-bolt/core/worked-out/sample-garment';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { Minus, Plus } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { paths } from '../../../app/paths.ts';
import { Button, buttonClass } from '../../../ui/Button.tsx';
import { FigureField } from '../../../ui/FigureField.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { GarmentFigure } from './GarmentFigure.tsx';
import { GarmentFigures } from './GarmentFigures.tsx';
import { useGarmentEntry, type GarmentEntry } from './use-garment-entry.ts';

/** Measures of a garment that was sent in because it fits: flat on the table, one after the other; the sums are done here. */
export function GarmentMeasuring() {
  const { ticket, goTo } = useTicketContext();
  const entry = useGarmentEntry();
  const [current, setCurrent] = useState<GarmentMeasureId>(
    () => garmentMeasureIds.find((id) => entry.values[id] === undefined) ?? garmentMeasureIds[0] ?? 'collar',
  );
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.select(), [current]);
  const index = garmentMeasureIds.indexOf(current);
  const next = garmentMeasureIds[index + 1];
  const { name, steps } = garmentMeasureOf(current);
  const fault = entry.faultOf(current);
  const goOn = () => (next ? setCurrent(next) : goTo('style'));
  return (
    <div className="grid h-full grid-cols-[270px_minmax(0,1fr)_400px] gap-7 max-lg:grid-cols-[220px_minmax(0,1fr)_340px] max-lg:gap-4 max-md:grid-cols-1 max-md:overflow-auto">
      <GarmentList entry={entry} current={current} onChoose={setCurrent} />
      <form
        className="min-w-0 pt-1 max-md:order-first"
        onSubmit={(event) => {
          event.preventDefault();
          if (fault) {
            field.current?.select();
            return;
          }
          entry.save();
          goOn();
        }}
      >
        <p className="text-sm font-semibold text-walnut-2">
          {index + 1} of {garmentMeasureIds.length} · of the garment, finished, seam to seam
        </p>
        <h2 className="mt-1 text-4xl">{name}</h2>
        <div className="mt-2 text-lg leading-snug">
          {steps.map((step) => (
            <p key={step}>{step}</p>
          ))}
        </div>
        <div className="my-3 h-56 rounded-soft border border-linen-2 bg-linen-1 p-2">
          <GarmentFigure measure={current} />
        </div>
        <FigureField
          label={name}
          value={entry.textOf(current)}
          unit={ticket.unit}
          faulty={fault !== undefined}
          field={field}
          describedBy="garment-says"
          onType={(text) => entry.type(current, text)}
          onLeave={entry.save}
        />
        {current === 'pleatDepth' && <Pleats entry={entry} />}
        <div id="garment-says" className="mt-2 flex flex-col gap-2" aria-live="polite">
          {fault && <Notice tone="stop">{fault}</Notice>}
          {entry.failure && <Notice tone="stop">{entry.failure}</Notice>}
        </div>
        <div className="mt-4 flex flex-wrap items-center gap-3">
          <Button type="submit" hotkey="↵" className="min-h-12">
            {next ? `Next: ${garmentMeasureOf(next).name.toLowerCase()}` : 'Done'}
          </Button>
          <Link to="?" className={`${buttonClass('quiet')} min-h-12`}>
            Back to the body
          </Link>
          <Link to={paths.recut({ ticket: ticket.id })} className={`${buttonClass('outline')} min-h-12`}>
            Recut a shirt to it
          </Link>
          <span role="status" className="text-sm text-walnut-2">
            {entry.unsaved ? 'kept here, not stored yet' : 'stored'}
          </span>
        </div>
      </form>
      <GarmentFigures entry={entry} />
    </div>
  );
}

function Pleats({ entry }: { readonly entry: GarmentEntry }) {
  const step = (by: number, word: string, Icon: typeof Plus) => (
    <button
      type="button"
      aria-label={word}
      onClick={() => entry.setPleats(entry.pleats + by)}
      className="grid size-11 place-items-center rounded-soft border border-linen-3 bg-white"
    >
      <Icon size={18} aria-hidden />
    </button>
  );
  return (
    <p className="mt-3 flex items-center gap-3">
      <span className="font-semibold">Pleats at one cuff</span>
      {step(-1, 'One pleat fewer', Minus)}
      <output aria-label="Pleats at one cuff" className="w-8 text-center text-2xl font-bold">
        {entry.pleats}
      </output>
      {step(1, 'One pleat more', Plus)}
    </p>
  );
}

interface GarmentListProps {
  readonly entry: GarmentEntry;
  readonly current: GarmentMeasureId;
  readonly onChoose: (id: GarmentMeasureId) => void;
}

function GarmentList({ entry, current, onChoose }: GarmentListProps) {
  const { ticket } = useTicketContext();
  return (
    <nav
      aria-label="Measures of the garment"
      className="min-h-0 overflow-auto rounded-soft border border-linen-2 bg-white py-2"
    >
      <ul>
        {garmentMeasureIds.map((id) => {
          const mm = entry.values[id];
          return (
            <li key={id}>
              <button
                type="button"
                aria-current={id === current}
                onClick={() => {
                  entry.save();
                  onChoose(id);
                }}
                className="flex min-h-8 w-full items-center gap-2 border-l-3 border-transparent px-4 text-left hover:bg-linen-1 aria-[current=true]:border-indigo aria-[current=true]:bg-indigo-1 aria-[current=true]:font-semibold max-md:min-h-11"
              >
                <span className="grow truncate">{garmentMeasureOf(id).name}</span>
                {mm === undefined ? (
                  <span className="text-sm text-walnut-2">to take</span>
                ) : (
                  <strong>
                    {formatNumber(mm, ticket.unit, { denominator: 16, decimals: 1, style: 'typeset' })}
                  </strong>
                )}
              </button>
            </li>
          );
        })}
      </ul>
    </nav>
  );
}
