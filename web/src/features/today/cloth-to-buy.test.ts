import { expect, test } from '@jest/globals';
import { clothToBuy } from './cloth-to-buy.ts';

const stay = (amount: number, unit: 'yd' | 'm' = 'yd') => ({
  role: 'stay' as const,
  name: 'Light woven stay',
  colour: '#d9d6cf',
  buy: { unit, amount },
  with: [],
});

test('the same cloth is bought once for all its tickets; another unit stays apart', () => {
  expect(
    clothToBuy([
      { number: 2, toBuy: [stay(0.5)] },
      { number: 1, toBuy: [{ ...stay(0.75), name: 'light woven stay ' }] },
      { number: 10, toBuy: [stay(0.5, 'm')] },
    ]),
  ).toEqual([
    { name: 'Light woven stay', colour: '#d9d6cf', buy: { unit: 'yd', amount: 1.25 }, tickets: [2, 1] },
    { name: 'Light woven stay', colour: '#d9d6cf', buy: { unit: 'm', amount: 0.5 }, tickets: [10] },
  ]);
  expect(clothToBuy([])).toEqual([]);
  // What is laid together is bought by one of them, for all.
  expect(clothToBuy([{ number: 4, toBuy: [{ ...stay(2), with: [7, 9] }] }])[0]?.tickets).toEqual([4, 7, 9]);
});
