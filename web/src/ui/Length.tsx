import { formatNumber, type LengthFormat } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';

/** A length with true fractions and its unit in a quieter weight. */
export function Length({
  mm,
  unit,
  format,
}: {
  readonly mm: number;
  readonly unit: Unit;
  readonly format?: LengthFormat;
}) {
  return (
    <span className="whitespace-nowrap">
      {formatNumber(mm, unit, { ...format, style: 'typeset' })} <span className="font-normal">{unit}</span>
    </span>
  );
}
