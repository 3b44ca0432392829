import { amountToBuy } from '../lay/buy/buying.ts';
import type { Lay, LayWay } from '../lay/model/lay.ts';
import { inches } from '../units/length.ts';

/** A lay by its fold and length alone, mm, with what would be bought for it in yards; for tests that choose between lays. */
export const sampleLay = (fold: LayWay, length: number, change: Partial<Lay> = {}): Lay => ({
  role: 'outer',
  width: inches(45),
  usable: [0, inches(45)],
  length,
  buy: amountToBuy(length, 0, 'yd'),
  utilisation: 0.8,
  fold,
  sections: [],
  placements: [],
  bound: 0,
  ...change,
});
