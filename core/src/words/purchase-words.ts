import { costOf } from '../lay/buy/buying.ts';
import type { Purchase } from '../lay/model/lay.ts';
import { formatNumber, type LengthFormat } from '../units/format-length.ts';
import { inches } from '../units/length.ts';

/** What a purchase costs, in the shop's own money, to the hundredth. */
export const costWords = (buy: Purchase, price: number): string => costOf(buy, price).toFixed(2);

/** 2.25 yd as 2 1/4 yd; purchases come in quarters of a yard or tenths of a metre. */
export const purchaseWords = ({ amount, unit }: Purchase, style: LengthFormat['style'] = 'plain'): string =>
  unit === 'm' ? `${amount} m` : `${formatNumber(inches(amount), 'in', { denominator: 4, style })} yd`;
