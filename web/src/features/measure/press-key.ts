/** Keys of the pad that stands below a measure on a phone. */
export type PadKey = `${number}` | '1/8' | '1/4' | '1/2' | 'point' | 'unit' | 'back';

const EIGHTHS = { '1/8': 1, '1/4': 2, '1/2': 4 } as const;

/** A typed length taken apart: whole number, eighths, unit. */
const LENGTH = /^\s*(.*?)(?:(?:^|\s+)(\d+)\/(\d+))?(\s*(?:in|cm))?\s*$/;

const eighthsText = (eighths: number): string => {
  const step = eighths % 4 === 0 ? 4 : eighths % 2 === 0 ? 2 : 1;
  return `${eighths / step}/${8 / step}`;
};

const join = (...parts: readonly (string | undefined)[]): string =>
  parts
    .map((part) => part?.trim())
    .filter(Boolean)
    .join(' ');

/**
 * The text of a length after a key of the pad. Fractions add up as on the tape, `1/2` and `1/8` to `5/8`, and start
 * again past a whole; `unit` names the other unit than the ticket's, and takes it away again.
 */
export function pressKey(text: string, key: PadKey, otherUnit: 'in' | 'cm'): string {
  const [, whole = '', top, bottom, unit] = LENGTH.exec(text) ?? [];
  const fraction = top && bottom ? `${top}/${bottom}` : undefined;
  switch (key) {
    case 'unit':
      return unit ? join(whole, fraction) : join(whole, fraction, otherUnit);
    case 'back':
      if (unit) return join(whole, fraction);
      return fraction ? whole : whole.slice(0, -1);
    case '1/8':
    case '1/4':
    case '1/2': {
      const held = fraction ? (Number(top) / Number(bottom)) * 8 : 0;
      const sum = held + EIGHTHS[key];
      return join(whole, eighthsText(Number.isInteger(sum) && sum < 8 ? sum : EIGHTHS[key]), unit);
    }
    case 'point':
      return fraction || whole.includes('.') ? text : join(`${whole || '0'}.`, unit);
    default:
      return fraction ? text : join(whole + key, unit);
  }
}
