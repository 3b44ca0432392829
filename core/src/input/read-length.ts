import { formatLength } from '../units/format-length.ts';
import { toUnit, type Unit } from '../units/length.ts';
import { parseLength } from '../units/parse-length.ts';
import { lengthFaultWords, read, refuse, type Read } from './input-fault.ts';

export interface LengthBounds {
  readonly least: number;
  readonly most: number;
}

/** Longer than any cloth or body, in either unit. */
const MOST_TOLD = 100_000;

/** Reads a written length and holds it to its bounds, mm. `label` opens the sentence, `field` is the path. */
export function readLength(
  written: number | string,
  unit: Unit,
  field: string,
  label: string,
  bounds: LengthBounds,
): Read<number> {
  const text = String(written);
  const parsed = parseLength(text, unit);
  if (!parsed.ok)
    return refuse(
      parsed.fault === 'negative' ? 'out-of-range' : 'not-a-length',
      field,
      `${label} ${lengthFaultWords(parsed.fault, text)}`,
    );
  const { least, most } = bounds;
  if (parsed.mm >= least - 0.01 && parsed.mm <= most + 0.01) return read(parsed.mm);
  const span = `${formatLength(least, unit)} and ${formatLength(most, unit)}`;
  const typed = Number(toUnit(parsed.mm, unit).toFixed(2));
  return refuse(
    'out-of-range',
    field,
    // A figure so far off is no length at all: written out it would say nothing.
    typed < MOST_TOLD
      ? `${label} ${typed} ${unit} is out of range; it must lie between ${span}.`
      : `${label}: check the figure; it must lie between ${span}.`,
  );
}
