import type { Quantity } from '../slate/quick-sum.ts';
import { formatLength, type LengthFormat } from '../units/format-length.ts';
import type { Unit } from '../units/length.ts';
import { purchaseWords } from './purchase-words.ts';

/** What a quick sum gave, as the shop says it: to a sixteenth or to half a millimetre. */
export function quantityWords(
  quantity: Quantity,
  unit: Unit,
  style: LengthFormat['style'] = 'plain',
): string {
  switch (quantity.kind) {
    case 'length':
      return formatLength(quantity.mm, unit, { denominator: 16, decimals: 2, style });
    case 'purchase':
      return purchaseWords(quantity, style);
    case 'count':
      return String(quantity.count);
  }
}
