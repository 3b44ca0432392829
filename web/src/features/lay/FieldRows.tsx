import { Plus, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from '../../ui/Button.tsx';

/** A row of typed fields, by their names. */
export type Fields<Name extends string> = Readonly<Record<Name, string>>;

interface FieldRowsProps<Name extends string> {
  /** What one row is: `Flaw`, and what all are, for the group. */
  readonly one: string;
  readonly all: string;
  readonly rows: readonly Fields<Name>[];
  /** The fields that are lengths, with the words beside them. */
  readonly lengths: readonly (readonly [name: NoInfer<Name>, words: string])[];
  readonly unit: string;
  readonly empty: Fields<NoInfer<Name>>;
  readonly faulty: (index: number) => boolean;
  readonly onChange: (rows: readonly Fields<Name>[]) => void;
  /** What else a row asks for. */
  readonly more?: (row: Fields<Name>, set: (change: Partial<Fields<Name>>) => void) => ReactNode;
}

/** Rows of lengths, such as flaws, that are added and taken off. */
export function FieldRows<Name extends string>({
  one,
  all,
  rows,
  lengths,
  unit,
  empty,
  faulty,
  onChange,
  more,
}: FieldRowsProps<Name>) {
  const lower = one.toLowerCase();
  const set = (index: number, change: Partial<Fields<Name>>) =>
    onChange(rows.map((row, other) => (other === index ? { ...row, ...change } : row)));
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="sr-only">{all}</legend>
      {rows.map((row, index) => (
        // Rows have no identity but their place.
        <div key={index} className="rounded-soft border border-linen-3 bg-white p-2">
          <p className="flex items-center text-sm font-semibold">
            <span className="grow">
              {one} {index + 1}, {unit}
            </span>
            <button
              type="button"
              aria-label={`Take ${lower} ${index + 1} off`}
              className="grid size-8 place-items-center"
              onClick={() => onChange(rows.filter((_, other) => other !== index))}
            >
              <X size={16} aria-hidden />
            </button>
          </p>
          {more?.(row, (change) => set(index, change))}
          <div className="grid grid-cols-2 gap-1.5">
            {lengths.map(([name, words]) => (
              <label key={name} className="text-[13px] text-walnut-2">
                {words}
                <input
                  className="min-h-9 w-full rounded-soft border border-linen-3 px-2 text-walnut aria-invalid:border-madder"
                  aria-label={`${one} ${index + 1}, ${name}`}
                  aria-invalid={faulty(index)}
                  value={row[name]}
                  autoComplete="off"
                  // A row holds a text for every name.
                  onChange={(event) => set(index, { [name]: event.target.value } as Partial<Fields<Name>>)}
                />
              </label>
            ))}
          </div>
        </div>
      ))}
      <Button look="quiet" onClick={() => onChange([...rows, empty])}>
        <Plus size={16} aria-hidden /> Add a {lower}
      </Button>
    </fieldset>
  );
}
