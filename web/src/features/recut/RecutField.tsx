import { useId } from 'react';
import { inputClass } from '../../ui/Field.tsx';
import type { Typing } from './use-recut.ts';

interface RecutFieldProps<Id extends string> {
  readonly id: Id;
  readonly label: string;
  readonly typing: Typing<Id>;
  /** Its name stands above it; in a table the row has it. */
  readonly named?: boolean;
}

/** One length to fill in, with what is wrong with it below. */
export function RecutField<Id extends string>({ id, label, typing, named = true }: RecutFieldProps<Id>) {
  const says = useId();
  const fault = typing.faultOf(id);
  return (
    <div className="min-w-0">
      <label className="flex flex-col gap-0.5">
        <span className={named ? 'text-sm text-walnut-2' : 'sr-only'}>{label}</span>
        <input
          className={inputClass}
          autoComplete="off"
          inputMode="text"
          value={typing.textOf(id)}
          aria-invalid={fault !== undefined}
          aria-describedby={fault ? says : undefined}
          onChange={({ target }) => typing.type(id, target.value)}
        />
      </label>
      {fault && (
        <span id={says} role="alert" className="text-sm font-semibold text-madder">
          {fault}
        </span>
      )}
    </div>
  );
}
