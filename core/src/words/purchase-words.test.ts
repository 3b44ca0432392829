import { expect, test } from '@jest/globals';
import { purchaseWords } from './purchase-words.ts';

test('yards in quarters with true fractions, metres in tenths', () => {
  const yards = (amount: number) => purchaseWords({ amount, unit: 'yd' }, 'typeset');
  expect([1, 1.25, 1.5, 1.75, 0.5].map(yards)).toEqual([
    '1 yd',
    '1\u202f1\u20444 yd',
    '1\u202f1\u20442 yd',
    '1\u202f3\u20444 yd',
    '1\u20442 yd',
  ]);
  expect(purchaseWords({ amount: 2.25, unit: 'yd' })).toBe('2 1/4 yd');
  expect(purchaseWords({ amount: 1.3, unit: 'm' }, 'typeset')).toBe('1.3 m');
});
