import { amountToBuy, purchaseLength } from '../lay/buy/buying.ts';
import { inches } from '../units/length.ts';
import { times } from '../workings/working.ts';
import { countLine, lengthLine, outcome, type QuickSum } from './quick-sum.ts';

export const tiledLength: QuickSum = {
  name: 'tiled-length',
  title: 'Whole repeats',
  summary: 'The length that a matched piece takes on cloth with a repeat.',
  args: [
    { id: 'pieceLength', label: 'piece', kind: 'length', positive: true },
    { id: 'repeat', label: 'repeat', kind: 'length', positive: true },
  ],
  sum: ({ term, of }) => {
    const repeats = Math.ceil(of('pieceLength') / of('repeat') - 1e-9);
    const length = times(term('repeat'), repeats);
    return outcome([
      lengthLine('length', 'takes', length.mm, length),
      countLine('repeats', 'repeats', repeats, 'piece ÷ repeat, rounded up'),
    ]);
  },
};

export const buy: QuickSum = {
  name: 'buy',
  title: 'Buy',
  summary: 'What to ask for at the counter, with what the cloth will shrink.',
  args: [
    { id: 'length', label: 'length', kind: 'length', positive: true },
    { id: 'shrink', label: 'shrinks, %', kind: 'percent', usual: 0 },
    { id: 'unit', label: 'sold by the', kind: 'word', words: ['yd', 'm'], usual: 'yd' },
  ],
  sum: ({ of, word }) => {
    const purchase = amountToBuy(of('length'), of('shrink'), word('unit') === 'm' ? 'm' : 'yd');
    return outcome([
      {
        key: 'amount',
        label: 'buy',
        quantity: { kind: 'purchase', ...purchase, mm: purchaseLength(purchase) },
        working: `length ÷ (1 − ${of('shrink')} %), rounded up to ${purchase.unit === 'yd' ? 'a quarter yard' : 'a tenth of a metre'}`,
      },
    ]);
  },
};

export const convert: QuickSum = {
  name: 'convert',
  title: 'Convert',
  summary: 'A length in the other unit, exact and as it is chalked. An inch is 2.54 cm exactly.',
  args: [
    { id: 'length', label: 'length', kind: 'length' },
    { id: 'to', label: 'to', kind: 'word', words: ['cm', 'in'], usual: 'cm' },
  ],
  resultsIn: ({ word }) => (word('to') === 'in' ? 'in' : 'cm'),
  sum: ({ of, term }) => {
    const eighth = inches(1 / 8);
    return outcome([
      lengthLine('exact', 'exact', of('length'), term('length')),
      lengthLine(
        'nearestEighth',
        'to the nearest eighth of an inch',
        Math.round(of('length') / eighth) * eighth,
        'rounded to the nearest eighth',
      ),
    ]);
  },
};
