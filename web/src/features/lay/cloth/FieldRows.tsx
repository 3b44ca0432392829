import { Plus, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { useFieldArray, useFormContext, type FieldArray } from 'react-hook-form';
import { Button } from '../../../ui/Button.tsx';
import { inputClass } from '../../../ui/Field.tsx';
import type { ClothFields } from './cloth-fields.ts';

/** Parts of a cloth of which there can be several. */
type Rows = 'flaws' | 'panels' | 'outline';

interface FieldRowsProps<Name extends Rows> {
  readonly name: Name;
  /** What one row is: `Flaw`, and what all are, for the group. */
  readonly one: string;
  readonly all: string;
  /** The fields that are lengths, with the words beside them. */
  readonly lengths: readonly (readonly [name: string & keyof ClothFields[Name][number], words: string])[];
  readonly unit: string;
  readonly empty: FieldArray<ClothFields, Name>;
  /** What else a row asks for. */
  readonly more?: (index: number) => ReactNode;
}

/** Rows of lengths, such as flaws, that are added and taken off. */
export function FieldRows<Name extends Rows>({
  name,
  one,
  all,
  lengths,
  unit,
  empty,
  more,
}: FieldRowsProps<Name>) {
  const { control, register, getFieldState, formState } = useFormContext<ClothFields>();
  const { fields, append, remove } = useFieldArray<ClothFields, Name>({ control, name });
  const lower = one.toLowerCase();
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="sr-only">{all}</legend>
      {fields.map(({ id }, index) => (
        <div key={id} className="rounded-soft border border-linen-3 bg-white p-2">
          <p className="flex items-center text-sm font-semibold">
            <span className="grow">
              {one} {index + 1}, {unit}
            </span>
            <button
              type="button"
              aria-label={`Take ${lower} ${index + 1} off`}
              className="grid size-8 place-items-center"
              onClick={() => remove(index)}
            >
              <X size={16} aria-hidden />
            </button>
          </p>
          {more?.(index)}
          <div className="grid grid-cols-2 gap-1.5">
            {lengths.map(([length, words]) => {
              // A row of this name has a text for each of its lengths.
              const path = `${name}.${index}.${length}` as `flaws.${number}.from`;
              return (
                <label key={length} className="text-[13px] text-walnut-2">
                  {words}
                  <input
                    className={inputClass}
                    aria-label={`${one} ${index + 1}, ${length}`}
                    aria-invalid={getFieldState(path, formState).invalid}
                    autoComplete="off"
                    {...register(path)}
                  />
                </label>
              );
            })}
          </div>
        </div>
      ))}
      <Button look="quiet" onClick={() => append(empty)}>
        <Plus size={16} aria-hidden /> Add a {lower}
      </Button>
    </fieldset>
  );
}
