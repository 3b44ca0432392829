import type { SumLine } from '@ample-bolt/core/slate/quick-sum';
import { unitOf } from '@ample-bolt/core/formats/sum-json';
import type { Unit } from '@ample-bolt/core/units/length';
import { quantityWords } from '@ample-bolt/core/words/quantity-words';
import { renderWorking } from '@ample-bolt/core/workings/render-working';
import { CopyButton } from '../../ui/CopyButton.tsx';
import { FindingNotice } from '../../ui/FindingNotice.tsx';
import { OntoTicket } from './OntoTicket.tsx';
import { SumDrawing } from './SumDrawing.tsx';
import type { SumEntry } from './use-sum-entry.ts';

/** What the sum comes to, the first figure large, each with its working. */
export function SumResult({ entry }: { readonly entry: SumEntry }) {
  const { sum, outcome, fault } = entry;
  if (!sum || !outcome)
    return (
      <p className="rounded-soft bg-linen-1 px-5 py-4 text-walnut-2" aria-live="polite">
        {fault?.code === 'missing-argument'
          ? fault.message.replace(/;.*$/, '.')
          : 'One figure does not read.'}
      </p>
    );
  const unit = unitOf(sum);
  const [first, ...rest] = outcome.lines;
  const text = [sum.quickSum.title, ...outcome.lines.map((line) => plainLine(line, unit))].join('\n');
  return (
    <section aria-label="What it comes to" aria-live="polite" className="rounded-soft bg-linen-1 px-5 py-4">
      <div className="flex items-start gap-6">
        <div className="min-w-0 grow">
          <p className="text-walnut-2">{first.label}</p>
          <p className="text-5xl leading-tight font-bold">{quantityWords(first.quantity, unit, 'typeset')}</p>
          <p className="text-sm text-walnut-2">{workingWords(first, unit)}</p>
        </div>
        <SumDrawing name={sum.quickSum.name} inputs={sum.inputs} lines={outcome.lines} />
      </div>
      {rest.length > 0 && (
        <dl className="mt-3 border-t border-linen-3">
          {rest.map((line) => (
            <div
              key={line.key}
              className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 border-b border-linen-2 py-1.5 last:border-b-0"
            >
              <dt>
                {line.label}
                <span className="block text-sm text-walnut-2">{workingWords(line, unit)}</span>
              </dt>
              <dd className="text-lg font-bold">{quantityWords(line.quantity, unit, 'typeset')}</dd>
            </div>
          ))}
        </dl>
      )}
      <div className="mt-2 flex flex-col gap-2">
        {outcome.findings.map((finding) => (
          <FindingNotice
            key={`${finding.code} ${finding.where.subject ?? ''}`}
            finding={finding}
            unit={unit}
          />
        ))}
      </div>
      <p className="mt-3 flex flex-wrap items-center gap-3">
        <CopyButton text={text} look="quiet">
          Copy with its working
        </CopyButton>
        <OntoTicket text={text} />
      </p>
    </section>
  );
}

const workingWords = ({ working }: SumLine, unit: Unit): string =>
  typeof working === 'string' ? working : renderWorking(working, unit, 'typeset');

const plainLine = ({ label, quantity, working }: SumLine, unit: Unit): string =>
  `${label}: ${quantityWords(quantity, unit)} (${typeof working === 'string' ? working : renderWorking(working, unit)})`;
