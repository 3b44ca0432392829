import { inches } from '../units/length.ts';

/** Kinds of slips of a pen: the unit, a decimal place, two digits the wrong way round. */
export type Slip =
  'cm-as-inches' | 'inches-as-cm' | 'ten-times' | 'tenth' | 'swapped-digits' | 'half' | 'double';

/** A value that may have been meant by a figure, mm. */
export interface Guess {
  readonly slip: Slip;
  readonly mm: number;
}

/** Values that are meant if the unit or the decimal point slipped. */
export const unitSlips = (mm: number): Guess[] => [
  { slip: 'cm-as-inches', mm: mm / 2.54 },
  { slip: 'inches-as-cm', mm: mm * 2.54 },
  { slip: 'ten-times', mm: mm / 10 },
  { slip: 'tenth', mm: mm * 10 },
];

/** Whole inches or centimetres with their two digits the other way round, the fraction kept: 63 ½ for 36 ½. */
export const digitSlips = (mm: number): Guess[] =>
  [inches(1), 10].flatMap((unitMm): Guess[] => {
    const count = mm / unitMm;
    const whole = Math.floor(count);
    if (whole < 10 || whole > 99) return [];
    const turned = Number([...String(whole)].reverse().join(''));
    return [{ slip: 'swapped-digits', mm: (turned + count - whole) * unitMm }];
  });
