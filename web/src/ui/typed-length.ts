import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { parseLength } from '@ample-bolt/core/units/parse-length';

/** A length as it was typed, with the unit that the page had then: a bare 4 typed in inches must never become 4 cm. */
export interface TypedLength {
  readonly text: string;
  readonly unit: Unit;
}

/** The text as it reads in `unit` now. A text that is no length stays as it was typed. */
export function textIn({ text, unit: typedIn }: TypedLength, unit: Unit): string {
  if (typedIn === unit) return text;
  const parsed = parseLength(text, typedIn);
  return parsed.ok ? formatNumber(parsed.mm, unit, { denominator: 32, decimals: 2 }) : text;
}
