import { expect, test } from '@jest/globals';
import { partWords } from './part-words.ts';

test.each([
  [1 / 4, 'a quarter of'],
  [1 / 2, 'half of'],
  [2, 'twice'],
  [6, '6 times'],
  [0.55, '0.55 of'],
  [1 / (2 * Math.PI), '0.1592 of'],
])('a factor of %d is said as %s', (factor, words) => {
  expect(partWords(factor)).toBe(words);
});
