import { largestDrift } from '@ample-bolt/core/chalk/check-chalk';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import { SEAM_TOLERANCE } from '@ample-bolt/core/pieces/check-seams';
import { formatLength } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';

/** Whether the piece still trues when every mark is rounded to the tape, and what to do where it might not. */
export function RoundingNote({ marks, unit }: { readonly marks: readonly Mark[]; readonly unit: Unit }) {
  const drift = largestDrift(marks, unit);
  const words = formatLength(drift, unit, { denominator: 32, decimals: 2, style: 'typeset' });
  if (words === formatLength(0, unit)) return <>Rounded to the tape, every edge keeps its length.</>;
  if (drift <= SEAM_TOLERANCE)
    return <>Rounded to the tape, no edge moves more than {words}: seams still match.</>;
  return (
    <>Rounded to the tape, an edge may move {words}: check its length with the tape on edge before you cut.</>
  );
}
