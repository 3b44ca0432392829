import { mmPer, toUnit, type Unit } from './length.ts';

export interface LengthFormat {
  /** Smallest part of an inch shown; the shop works in eighths. */
  readonly denominator?: 2 | 4 | 8 | 16 | 32;
  /** Decimals shown for centimetres. */
  readonly decimals?: 0 | 1 | 2;
  /** `plain` writes 12 3/8, for files; `typeset` writes 12 3⁄8 with the fraction slash that fonts join and a thin space that does not break. */
  readonly style?: 'plain' | 'typeset';
}

/** The nearest length that the format can show, in millimetres. */
export function roundLength(mm: number, unit: Unit, format: LengthFormat = {}): number {
  const steps = unit === 'in' ? (format.denominator ?? 8) : 10 ** (format.decimals ?? 1);
  return (Math.round(toUnit(mm, unit) * steps) / steps) * mmPer(unit);
}

function inchText(count: number, denominator: number, style: 'plain' | 'typeset'): string {
  const sign = count < 0 ? '−' : '';
  const parts = Math.round(Math.abs(count) * denominator);
  const whole = Math.floor(parts / denominator);
  let top = parts % denominator;
  let bottom = denominator;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return `${parts === 0 ? '' : sign}${whole}`;
  const fraction = style === 'typeset' ? `${top}\u2044${bottom}` : `${top}/${bottom}`;
  if (whole === 0) return sign + fraction;
  return `${sign}${whole}${style === 'typeset' ? '\u202f' : ' '}${fraction}`;
}

function centimetreText(count: number, decimals: number): string {
  const text = String(Math.round(Math.abs(count) * 10 ** decimals) / 10 ** decimals);
  return count < 0 && text !== '0' ? `−${text}` : text;
}

/** Typeset lengths in a text written plainly, `12 3/8`: for files and paper. */
export const plainLengths = (text: string): string =>
  text.replaceAll('\u202f', ' ').replaceAll('\u2044', '/');

/** A length in the shop's writing, without its unit: `12 3/8` or `31.4`. */
export function formatNumber(mm: number, unit: Unit, format: LengthFormat = {}): string {
  const count = toUnit(mm, unit);
  return unit === 'in'
    ? inchText(count, format.denominator ?? 8, format.style ?? 'plain')
    : centimetreText(count, format.decimals ?? 1);
}

/** A length in the shop's writing, with its unit: `12 3/8 in` or `31.4 cm`. */
export const formatLength = (mm: number, unit: Unit, format: LengthFormat = {}): string =>
  `${formatNumber(mm, unit, format)} ${unit}`;
