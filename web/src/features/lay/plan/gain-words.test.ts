import { expect, test } from '@jest/globals';
import { inches } from '@ample-bolt/core/units/length';
import { gainWords } from './gain-words.ts';

test('a gain is told as the tape shows it, and one that no tape shows is none', () => {
  expect(gainWords(0.4, 'in')).toBe('Nothing shorter was found.');
  expect(gainWords(inches(2), 'in')).toBe('2 in shorter than before.');
  expect(gainWords(34, 'cm')).toBe('3.4 cm shorter than before.');
});
