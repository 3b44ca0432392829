import type { MeasureValues } from '../measures/measure-set.ts';
import { ordinaryBody } from './bodies.ts';

/**
 * Misses' sizes 2 to 20 of ASTM D5585-95, recalled from memory: the columns bust, waist and hip, in inches.
 * Height is taken as 65½ throughout and every other measure is derived by `ordinaryBody`, not from the table.
 */
export const missesSizes = [
  { size: 2, bust: 32, waist: 24, hip: 34.5 },
  { size: 4, bust: 33, waist: 25, hip: 35.5 },
  { size: 6, bust: 34, waist: 26, hip: 36.5 },
  { size: 8, bust: 35, waist: 27, hip: 37.5 },
  { size: 10, bust: 36, waist: 28, hip: 38.5 },
  { size: 12, bust: 37.5, waist: 29.5, hip: 40 },
  { size: 14, bust: 39, waist: 31, hip: 41.5 },
  { size: 16, bust: 40.5, waist: 32.5, hip: 43 },
  { size: 18, bust: 42.5, waist: 34.5, hip: 45 },
  { size: 20, bust: 44.5, waist: 36.5, hip: 47 },
] as const;

export const missesBody = ({ bust, waist, hip }: (typeof missesSizes)[number]): MeasureValues =>
  ordinaryBody({ bust, bustToWaist: bust - waist, waistToHipRound: hip - waist, height: 65.5, cup: 2 });
