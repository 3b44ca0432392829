import type { Unit } from '@ample-bolt/core/units/length';
import { Plus, X } from 'lucide-react';
import { Button } from '../../ui/Button.tsx';

/** A flaw as it is typed: along the cloth from its start, across it from the left selvedge. */
export interface FlawFields {
  readonly from: string;
  readonly to: string;
  readonly left: string;
  readonly right: string;
}

interface FlawRowsProps {
  readonly flaws: readonly FlawFields[];
  readonly unit: Unit;
  readonly faulty: (index: number) => boolean;
  readonly onChange: (flaws: readonly FlawFields[]) => void;
}

const none: FlawFields = { from: '', to: '', left: '', right: '' };

const sides: readonly (readonly [side: keyof FlawFields, words: string])[] = [
  ['from', 'from the start'],
  ['to', 'to'],
  ['left', 'from the upper selvedge'],
  ['right', 'to'],
];

/** Stains, slubs and holes: nothing is laid over them. */
export const FlawRows = ({ flaws, unit, faulty, onChange }: FlawRowsProps) => (
  <fieldset className="flex flex-col gap-2">
    <legend className="sr-only">Flaws</legend>
    {flaws.map((flaw, index) => (
      // Rows have no identity but their place.
      <div key={index} className="rounded-soft border border-linen-3 bg-white p-2">
        <p className="flex items-center text-sm font-semibold">
          <span className="grow">
            Flaw {index + 1}, {unit}
          </span>
          <button
            type="button"
            aria-label={`Take flaw ${index + 1} off`}
            className="grid size-8 place-items-center"
            onClick={() => onChange(flaws.filter((_, other) => other !== index))}
          >
            <X size={16} aria-hidden />
          </button>
        </p>
        <div className="grid grid-cols-2 gap-1.5">
          {sides.map(([side, words]) => (
            <label key={side} className="text-[13px] text-walnut-2">
              {words}
              <input
                className="min-h-9 w-full rounded-soft border border-linen-3 px-2 text-walnut aria-invalid:border-madder"
                aria-label={`Flaw ${index + 1}, ${side}`}
                aria-invalid={faulty(index)}
                value={flaw[side]}
                autoComplete="off"
                onChange={(event) =>
                  onChange(
                    flaws.map((each, other) =>
                      other === index ? { ...each, [side]: event.target.value } : each,
                    ),
                  )
                }
              />
            </label>
          ))}
        </div>
      </div>
    ))}
    <Button look="quiet" onClick={() => onChange([...flaws, none])}>
      <Plus size={16} aria-hidden /> Add a flaw
    </Button>
  </fieldset>
);
