/** Message of a digital tape: the length that is drawn out. */
export interface TapeReading {
  readonly mm: number;
}

/** Longest tape that is sold, with some to spare, mm. */
const LONGEST = 3500;

export const isTapeReading = (message: unknown): message is TapeReading => {
  if (typeof message !== 'object' || message === null || !('mm' in message)) return false;
  const { mm } = message;
  return typeof mm === 'number' && mm >= 1 && mm <= LONGEST;
};
