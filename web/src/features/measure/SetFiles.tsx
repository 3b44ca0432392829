import { readSetCsv } from '@ample-bolt/core/formats/csv/set-csv';
import { measureOf, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { paths } from '../../app/paths.ts';
import { Button, buttonClass } from '../../ui/Button.tsx';
import { FileButton } from '../../ui/FileButton.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import type { MeasureEntry, TypedMeasures } from './use-measure-entry.ts';

/** The set out to a file, and figures in from one; what a file would write is shown before it does. */
export function SetFiles({ entry, onDone }: { readonly entry: MeasureEntry; readonly onDone: () => void }) {
  const { ticket } = useTicketContext();
  const { id, unit } = ticket;
  const [found, setFound] = useState<TypedMeasures>();
  const [fault, setFault] = useState<string>();
  const open = async (file: File) => {
    const read = readSetCsv(await file.text(), unit);
    setFound(read.ok ? read.value : undefined);
    setFault(read.ok ? undefined : read.fault.message);
  };
  const rows = Object.entries(found ?? {}) as [MeasureId, string][];
  return (
    <div className="flex flex-col gap-4">
      <p className="flex flex-wrap gap-3">
        <a href={paths.measuresCsv(id)} className={buttonClass('outline')}>
          <Download size={16} aria-hidden />
          Measures as CSV
        </a>
        <a href={paths.orderFile(id)} className={buttonClass('outline')}>
          <Download size={16} aria-hidden />
          Whole order
        </a>
        <FileButton accept=".csv,text/csv" onFile={(file) => void open(file)}>
          Measures from CSV
        </FileButton>
      </p>
      <p className="text-sm text-walnut-2">
        A table with the columns measure and value; unit and typed may be there too. A measure may go by any
        name that is known here.
      </p>
      {(fault ?? entry.failure) && <Notice tone="stop">{fault ?? entry.failure}</Notice>}
      {rows.length > 0 && (
        <>
          <ul className="rounded-soft border border-linen-2 bg-white" aria-label="What the file would write">
            {rows.map(([measure, text]) => {
              const before = entry.values[measure];
              return (
                <li key={measure} className="flex gap-3 border-t border-linen-2 px-4 py-1 first:border-t-0">
                  <span className="grow">{measureOf(measure).names[0]}</span>
                  <span className="text-walnut-2">
                    {before === undefined
                      ? 'new'
                      : `${formatNumber(before, unit, { denominator: 16, style: 'typeset' })} →`}
                  </span>
                  <strong>{text}</strong>
                </li>
              );
            })}
          </ul>
          <Button onClick={() => void entry.saveConditions({}, found).then((stored) => stored && onDone())}>
            Write {rows.length} {rows.length === 1 ? 'measure' : 'measures'} in
          </Button>
        </>
      )}
    </div>
  );
}
