import type { Unit } from '@ample-bolt/core/units/length';
import type { RefObject } from 'react';

interface FigureFieldProps {
  readonly label: string;
  readonly value: string;
  readonly unit: Unit;
  readonly faulty: boolean;
  readonly field: RefObject<HTMLInputElement | null>;
  /** Id of what is said about the figure. */
  readonly describedBy: string;
  readonly onType: (text: string) => void;
  readonly onLeave?: () => void;
  /** The device's own keyboard stays away: a pad is on the page. */
  readonly pad?: boolean;
}

/** One figure to fill, large enough to read at arm's length, as it is typed. */
export const FigureField = ({
  label,
  value,
  unit,
  faulty,
  field,
  describedBy,
  onType,
  onLeave,
  pad = false,
}: FigureFieldProps) => (
  <label className="flex items-baseline gap-3">
    <span className="sr-only">{label}</span>
    <input
      ref={field}
      autoFocus
      autoComplete="off"
      inputMode={pad ? 'none' : 'text'}
      value={value}
      onChange={(event) => onType(event.target.value)}
      onBlur={onLeave}
      aria-invalid={faulty}
      aria-describedby={describedBy}
      className="w-72 min-w-0 border-b-[3px] border-indigo bg-transparent pb-1 text-7xl font-bold outline-none placeholder:text-linen-3 focus-visible:border-chalk-now focus-visible:shadow-none aria-invalid:border-madder max-md:w-full max-md:text-5xl"
    />
    <span aria-hidden className="text-2xl text-walnut-2">
      {unit}
    </span>
  </label>
);
