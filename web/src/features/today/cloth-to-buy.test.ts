import { expect, test } from '@jest/globals';
import { clothToBuy } from './cloth-to-buy.ts';

const stay = (amount: number, unit: 'yd' | 'm' = 'yd') => ({
  role: 'stay' as const,
  bolt: 'bolt of stay',
  name: 'Light woven stay',
  colour: '#d9d6cf',
  buy: { unit, amount },
  with: [],
});

test('the same cloth is bought once for all its tickets; another unit stays apart', () => {
  expect(
    clothToBuy([
      { number: 2, toBuy: [stay(0.5)] },
      { number: 1, toBuy: [{ ...stay(0.75), name: 'Stay' }] },
      { number: 10, toBuy: [stay(0.5, 'm')] },
    ]),
  ).toEqual([
    {
      bolt: 'bolt of stay',
      name: 'Light woven stay',
      colour: '#d9d6cf',
      buy: { unit: 'yd', amount: 1.25 },
      tickets: [2, 1],
    },
    {
      bolt: 'bolt of stay',
      name: 'Light woven stay',
      colour: '#d9d6cf',
      buy: { unit: 'm', amount: 0.5 },
      tickets: [10],
    },
  ]);
  // Two cloths that happen to be called alike are two.
  const outer = (bolt: string) => ({ ...stay(1), bolt, name: 'Black' });
  expect(
    clothToBuy([
      { number: 1, toBuy: [outer('a')] },
      { number: 2, toBuy: [outer('b')] },
    ]),
  ).toHaveLength(2);
  expect(clothToBuy([])).toEqual([]);
  // What is laid together is bought by one of them, for all.
  expect(clothToBuy([{ number: 4, toBuy: [{ ...stay(2), with: [7, 9] }] }])[0]?.tickets).toEqual([4, 7, 9]);
});
