import {
  optionsInOrder,
  type Choice,
  type LengthChoice,
  type OptionChoice,
} from '@ample-bolt/core/garment/choice';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { Segmented } from '../../ui/Segmented.tsx';
import type { TicketToDraft } from '../../workers/drafting.worker.ts';
import type { ChoiceEntry } from '../ticket/use-choice-entry.ts';
import { OptionCards } from './OptionCards.tsx';

interface ChoiceFieldProps {
  readonly id: string;
  readonly choice: Choice;
  readonly entry: ChoiceEntry;
  readonly unit: Unit;
  /** The garment as it is on trial now. */
  readonly ticket: TicketToDraft;
  /** What is in force now: shown where nothing was chosen. */
  readonly usual: number | string | undefined;
}

/** One choice: a length to type, or one of a few ways, told apart by word or by eye. */
export const ChoiceField = ({ choice, ...props }: ChoiceFieldProps) =>
  choice.kind === 'option' ? (
    <OptionField {...props} choice={choice} />
  ) : (
    <LengthField {...props} choice={choice} />
  );

function OptionField({
  id,
  choice,
  entry,
  usual,
  ticket,
}: ChoiceFieldProps & { readonly choice: OptionChoice }) {
  const chosen = entry.textOf(id) || String(usual ?? choice.usual);
  const choose = (option: string) => entry.type(id, option);
  if (choice.pictured)
    return <OptionCards id={id} choice={choice} chosen={chosen} onChoose={choose} ticket={ticket} />;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 py-1">
      <span className="font-semibold">{choice.label}</span>
      <span className="grow text-[13px] text-walnut-2">{choice.help}</span>
      <Segmented
        label={choice.label}
        value={chosen}
        onChange={choose}
        options={optionsInOrder(choice).map(([value, word]) => ({ value, word }))}
      />
    </div>
  );
}

function LengthField({
  id,
  choice,
  entry,
  unit,
  usual,
}: ChoiceFieldProps & { readonly choice: LengthChoice }) {
  const fault = entry.faultOf(id);
  const [search] = useSearchParams();
  const field = useRef<HTMLInputElement>(null);
  const isAskedFor = search.get('choice') === id;
  useEffect(() => {
    if (isAskedFor) field.current?.select();
  }, [isAskedFor]);
  return (
    <label className="flex items-center gap-3 py-0.5">
      <span className="min-w-0 grow leading-tight">
        <span className="block font-semibold">{choice.label}</span>
        <span
          id={`${id}-says`}
          className={`block text-[13px] leading-tight ${fault ? 'font-semibold text-madder' : 'text-walnut-2'}`}
        >
          {fault ?? choice.help}
        </span>
      </span>
      <input
        ref={field}
        value={entry.textOf(id)}
        onChange={(event) => entry.type(id, event.target.value)}
        placeholder={typeof usual === 'number' ? formatNumber(usual, unit, { style: 'typeset' }) : ''}
        aria-invalid={fault !== undefined}
        aria-describedby={`${id}-says`}
        autoComplete="off"
        className="min-h-9 w-24 shrink-0 rounded-soft border border-linen-3 bg-white px-3 text-right text-xl font-bold placeholder:font-normal placeholder:text-walnut-2 aria-invalid:border-madder"
      />
      <span className="w-7 shrink-0 text-walnut-2">{unit}</span>
    </label>
  );
}
