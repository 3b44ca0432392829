import { measureOf } from '@ample-bolt/core/measures/catalogue';
import type { Unit } from '@ample-bolt/core/units/length';
import type { Measuring } from './use-measuring.ts';

interface MeasureFieldProps {
  readonly measuring: Measuring;
  readonly unit: Unit;
  /** The device's own keyboard stays away: a pad is on the page. */
  readonly pad?: boolean;
}

/** The measure in hand, as typed. */
export function MeasureField({ measuring, unit, pad = false }: MeasureFieldProps) {
  const { current, entry, fault, field } = measuring;
  return (
    <label className="flex items-baseline gap-3">
      <span className="sr-only">{measureOf(current).names[0]}</span>
      <input
        ref={field}
        autoFocus
        autoComplete="off"
        inputMode={pad ? 'none' : 'text'}
        value={entry.textOf(current)}
        onChange={(event) => entry.type(current, event.target.value)}
        onBlur={() => void entry.save()}
        aria-invalid={fault !== undefined}
        aria-describedby="measure-says"
        className="w-72 min-w-0 border-b-[3px] border-indigo bg-transparent pb-1 text-7xl font-bold outline-none placeholder:text-linen-3 focus-visible:border-chalk-now focus-visible:shadow-none aria-invalid:border-madder max-md:w-full max-md:text-5xl"
      />
      <span aria-hidden className="text-2xl text-walnut-2">
        {unit}
      </span>
    </label>
  );
}
