import { measureName } from '@ample-bolt/core/measures/catalogue';
import { garmentFigures } from '@ample-bolt/core/worked-out/sample-garment';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { capital } from '@ample-bolt/core/text/capital';
import { renderWorking } from '@ample-bolt/core/workings/render-working';
import { Card } from '../../../ui/Card.tsx';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import type { GarmentEntry } from './use-garment-entry.ts';

/** The garment's finished figures, doubled, halved and with the pleats opened, and how they stand over the body. */
export function GarmentFigures({ entry }: { readonly entry: GarmentEntry }) {
  const { ticket } = useTicketContext();
  const { unit, measures } = ticket;
  const figures = garmentFigures(entry.values, entry.pleats);
  const shown = (mm: number) => formatNumber(mm, unit, { denominator: 16, decimals: 1, style: 'typeset' });
  return (
    <Card title={`Finished, ${unit}`} className="flex min-h-0 flex-col overflow-hidden">
      {figures.length === 0 && (
        <p className="px-5 py-4 text-walnut-2">
          Lay the garment flat, buttoned. Each figure appears here as soon as it can be worked out.
        </p>
      )}
      <dl className="min-h-0 overflow-auto" tabIndex={0} aria-label="Finished figures">
        {figures.map(({ id, label, working, over }) => {
          const mm = working.mm;
          const body = over && measures.values[over]?.mm;
          return (
            <div
              key={id}
              className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 border-t border-linen-2 px-5 py-1.5 first:border-t-0"
            >
              <dt>
                {capital(label)}
                {working.kind !== 'choice' && (
                  <span className="block text-sm text-walnut-2">
                    {renderWorking(working, unit, 'typeset')}
                  </span>
                )}
                {over && body !== undefined && (
                  <span className="block text-sm font-semibold text-indigo">
                    {mm >= body
                      ? `${shown(mm - body)} over the ${measureName(over)}`
                      : `${shown(body - mm)} less than the ${measureName(over)}`}
                  </span>
                )}
              </dt>
              <dd className="text-lg font-bold">{shown(mm)}</dd>
            </div>
          );
        })}
      </dl>
    </Card>
  );
}
