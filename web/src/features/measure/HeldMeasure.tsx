import { measureOf } from '@ample-bolt/core/measures/catalogue';
import type { Measuring } from './use-measuring.ts';

/** Said where Enter was pressed on a measure that is needed and was not taken. */
export const HeldMeasure = ({ measuring: { held, current, missing } }: { readonly measuring: Measuring }) =>
  held && (
    <p role="alert" className="mt-1 font-semibold text-madder">
      {measureOf(current).names[0]} is needed for this style. Measure it, or press Skip to come back to it.
      {missing > 1 && ` ${missing} are still missing.`}
    </p>
  );
