import type { Unit } from '@ample-bolt/core/units/length';
import { Segmented } from './Segmented.tsx';

interface UnitSwitchProps {
  readonly unit: Unit;
  readonly onChange: (unit: Unit) => void;
}

/** Inches or centimetres, for pages that belong to no ticket. */
export const UnitSwitch = ({ unit, onChange }: UnitSwitchProps) => (
  <Segmented
    label="Lengths in"
    value={unit}
    onChange={onChange}
    options={[
      { value: 'in', word: 'inches' },
      { value: 'cm', word: 'centimetres' },
    ]}
  />
);
