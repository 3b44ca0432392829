import type { Typing } from './use-recut.ts';
import { inputClass } from '../../ui/Field.tsx';

interface RecutFieldProps<Id extends string> {
  readonly id: Id;
  readonly label: string;
  readonly typing: Typing<Id>;
  /** Its name stands above it; in a table the row has it. */
  readonly named?: boolean;
}

/** One length to fill in, with what is wrong with it below. */
export function RecutField<Id extends string>({ id, label, typing, named = true }: RecutFieldProps<Id>) {
  const fault = typing.faultOf(id);
  return (
    <label className="flex min-w-0 flex-col gap-0.5">
      <span className={named ? 'text-sm text-walnut-2' : 'sr-only'}>{label}</span>
      <input
        className={inputClass}
        autoComplete="off"
        inputMode="text"
        value={typing.textOf(id)}
        aria-invalid={fault !== undefined}
        onChange={({ target }) => typing.type(id, target.value)}
      />
      {fault && (
        <span role="alert" className="text-sm font-semibold text-madder">
          {fault}
        </span>
      )}
    </label>
  );
}
