import {
  MM_PER_CENTIMETRE,
  MM_PER_FOOT,
  MM_PER_INCH,
  MM_PER_METRE,
  MM_PER_YARD,
  mmPer,
  type Unit,
} from './length.ts';

export type LengthFault = 'empty' | 'not-a-length' | 'zero-denominator' | 'improper' | 'negative';
export type ParsedLength = { ok: true; mm: number } | { ok: false; fault: LengthFault };

const UNIT_WORDS: Readonly<Record<string, number>> = {
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  '″': MM_PER_INCH,
  cm: MM_PER_CENTIMETRE,
  mm: 1,
  m: MM_PER_METRE,
  ft: MM_PER_FOOT,
  yd: MM_PER_YARD,
  yds: MM_PER_YARD,
  yard: MM_PER_YARD,
  yards: MM_PER_YARD,
};

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2', '¼': '1/4', '¾': '3/4', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8', '⅓': '1/3', '⅔': '2/3',
}; // prettier-ignore

/** A whole or decimal number, a fraction, or both; then perhaps a unit. */
const TERM = /^\s*(?:(\d+(?:\.\d+)?|\.\d+)(?!\s*\/|\d|\.))?\s*(?:(\d+)\s*\/\s*(\d+))?\s*([a-z]+|["″])?\s*/;

/** One reading for all the ways a figure is written, so that later rules see plain digits only. */
function plain(text: string): string {
  return text
    .toLowerCase()
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (glyph) => ` ${VULGAR[glyph] ?? ''}`)
    .replace(/[\u2044\u2215]/g, '/')
    .replace(/[\u2009\u202f\u00a0]/g, ' ')
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/(\d)-(\d+\/)/g, '$1 $2')
    .replace(/[−–]/g, '-')
    .trim();
}

/**
 * Reads a length as the shop writes it: `37 1/2`, `37.5`, `37½`, `95 cm`, `1yd 4`, `12⅜ in`.
 * A number without a unit is in `unit`; after yards or feet it is inches.
 * @returns millimetres, or why the text is not a length
 */
export function parseLength(text: string, unit: Unit): ParsedLength {
  let rest = plain(text);
  if (rest === '') return { ok: false, fault: 'empty' };
  if (rest.startsWith('-')) {
    return { ok: false, fault: parseLength(rest.slice(1), unit).ok ? 'negative' : 'not-a-length' };
  }
  let mm = 0;
  let bareUnit = mmPer(unit);
  while (rest !== '') {
    const match = TERM.exec(rest);
    const [whole, numberText, top, bottom, word] = match ?? [];
    if (whole === undefined || (numberText === undefined && top === undefined))
      return { ok: false, fault: 'not-a-length' };
    if (bottom !== undefined && Number(bottom) === 0) return { ok: false, fault: 'zero-denominator' };
    if (numberText !== undefined && bottom !== undefined && Number(top) >= Number(bottom))
      return { ok: false, fault: 'improper' };
    const factor = word === undefined ? bareUnit : UNIT_WORDS[word];
    if (factor === undefined) return { ok: false, fault: 'not-a-length' };
    mm += factor * (Number(numberText ?? 0) + (top === undefined ? 0 : Number(top) / Number(bottom)));
    rest = rest.slice(whole.length);
    if (word === undefined && rest !== '') return { ok: false, fault: 'not-a-length' };
    if (factor > MM_PER_INCH) bareUnit = factor === MM_PER_METRE ? MM_PER_CENTIMETRE : MM_PER_INCH;
  }
  return { ok: true, mm };
}
