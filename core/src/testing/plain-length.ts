import { drawn, type Working } from '../workings/working.ts';

/** A length without a sum, mm: for operations that are tested alone. */
export const plainLength = (mm: number): Working => drawn('length', mm);
