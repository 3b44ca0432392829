import { measureOf } from '@ample-bolt/core/measures/catalogue';
import type { Unit } from '@ample-bolt/core/units/length';
import { FigureField } from '../../ui/FigureField.tsx';
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
    <FigureField
      label={measureOf(current).names[0]}
      value={entry.textOf(current)}
      unit={unit}
      faulty={fault !== undefined}
      field={field}
      describedBy="measure-says"
      onType={(text) => entry.type(current, text)}
      onLeave={() => void entry.save()}
      pad={pad}
    />
  );
}
