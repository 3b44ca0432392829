import { MM_PER_METRE, MM_PER_YARD, type Unit } from '../../units/length.ts';
import type { Cloth } from '../model/cloth.ts';
import type { Purchase } from '../model/lay.ts';

/** Cloth is sold by the yard in quarters and by the metre in tenths. */
const SOLD = { yd: { mm: MM_PER_YARD, parts: 4 }, m: { mm: MM_PER_METRE, parts: 10 } } as const;

/** A hair less than a part is not a reason to buy the next one: rounding noise of the lay, mm. */
const NOISE = 0.01;

/** What to buy for a length of `mm` after shrinking by `shrinkPercent`, rounded up as cloth is sold. */
export function amountToBuy(mm: number, shrinkPercent: number, unit: Purchase['unit']): Purchase {
  const sold = SOLD[unit];
  const before = mm / (1 - shrinkPercent / 100);
  return { amount: Math.ceil((before - NOISE) / (sold.mm / sold.parts)) / sold.parts, unit };
}

/** What to buy of a cloth for a lay: its length, what is cut off the ends, and a repeat more where it has one. */
export const amountOfCloth = (
  mm: number,
  { endTrim = 0, repeat = 0 }: Pick<Cloth, 'endTrim' | 'repeat'>,
  shrinkPercent: number,
  unit: Purchase['unit'],
): Purchase => amountToBuy(mm + endTrim + repeat, shrinkPercent, unit);

/** What a purchase costs at a price for each of its unit. */
export const costOf = ({ amount }: Purchase, price: number): number => amount * price;

export const purchaseUnit = (unit: Unit): Purchase['unit'] => (unit === 'in' ? 'yd' : 'm');

/** A purchase in mm, to compare and to draw where the cloth is cut off. */
export const purchaseLength = ({ amount, unit }: Purchase): number => amount * SOLD[unit].mm;
