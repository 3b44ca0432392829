import type { Measuring } from './use-measuring.ts';
import type { Tape } from './use-tape.ts';

/** What measuring is done with, on the table or in the hand. */
export interface MeasureProps {
  readonly measuring: Measuring;
  readonly tape: Tape;
}
