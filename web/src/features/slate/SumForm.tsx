import type { QuickSum, SumArgument } from '@ample-bolt/core/slate/quick-sum';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { Segmented } from '../../ui/Segmented.tsx';
import type { SumEntry } from './use-sum-entry.ts';

interface SumFormProps {
  readonly quickSum: QuickSum;
  readonly entry: SumEntry;
  readonly unit: Unit;
}

/** What stands in a field that is left empty. */
function usualText(arg: SumArgument, unit: Unit): string {
  if (arg.kind === 'word') return arg.usual;
  if (arg.usual === undefined) return arg.optional ? 'optional' : '';
  return arg.kind === 'length'
    ? formatNumber(arg.usual, unit, { denominator: 16, decimals: 2, style: 'typeset' })
    : String(arg.usual);
}

const unitOfArgument = ({ kind }: SumArgument, unit: Unit): string => {
  switch (kind) {
    case 'length':
      return unit;
    case 'percent':
      return '%';
    case 'ratio':
    case 'count':
    case 'word':
      return '';
  }
};

/** The figures that a sum asks for; one left empty is taken as usual. */
export const SumForm = ({ quickSum, entry, unit }: SumFormProps) => (
  <div className="flex flex-col gap-2">
    {quickSum.args.map((arg, index) =>
      arg.kind === 'word' ? (
        <div key={arg.id} className="flex flex-wrap items-center gap-3">
          <span className="grow">{arg.label}</span>
          <Segmented
            label={arg.label}
            value={entry.typed[arg.id] ?? arg.usual}
            onChange={(word) => entry.type(arg.id, word)}
            options={arg.words.map((word) => ({ value: word, word: word.replaceAll('-', ' ') }))}
          />
        </div>
      ) : (
        <SumField
          key={arg.id}
          arg={arg}
          unit={unit}
          first={index === 0}
          text={entry.typed[arg.id] ?? ''}
          fault={
            entry.fault?.field === arg.id && entry.fault.code !== 'missing-argument'
              ? entry.fault.message
              : undefined
          }
          onType={(text) => entry.type(arg.id, text)}
        />
      ),
    )}
  </div>
);

interface SumFieldProps {
  readonly arg: SumArgument;
  readonly unit: Unit;
  readonly first: boolean;
  readonly text: string;
  readonly fault: string | undefined;
  readonly onType: (text: string) => void;
}

const SumField = ({ arg, unit, first, text, fault, onType }: SumFieldProps) => (
  <div>
    <label className="grid grid-cols-[minmax(0,1fr)_128px_24px] items-center gap-3">
      <span>{arg.label}</span>
      <input
        autoFocus={first}
        autoComplete="off"
        value={text}
        placeholder={usualText(arg, unit)}
        aria-invalid={fault !== undefined}
        aria-describedby={fault ? `sum-${arg.id}-says` : undefined}
        onChange={(event) => onType(event.target.value)}
        className="min-h-10 w-full rounded-soft border border-linen-3 bg-white px-3 text-right text-lg font-bold placeholder:text-base placeholder:font-normal placeholder:text-walnut-2 aria-invalid:border-madder max-md:min-h-11"
      />
      <span aria-hidden className="text-walnut-2">
        {unitOfArgument(arg, unit)}
      </span>
    </label>
    {fault && (
      <span id={`sum-${arg.id}-says`} role="alert" className="block text-sm font-semibold text-madder">
        {fault}
      </span>
    )}
  </div>
);
