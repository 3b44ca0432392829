import { describe, expect, test } from '@jest/globals';
import { textIn } from './typed-length.ts';

describe('textIn', () => {
  test('a length typed in one unit is the same length in the other', () => {
    expect(textIn({ text: '4', unit: 'in' }, 'cm')).toBe('10.16');
    expect(textIn({ text: '10.16', unit: 'cm' }, 'in')).toBe('4');
    expect(textIn({ text: '37½', unit: 'in' }, 'cm')).toBe('95.25');
  });

  test('in its own unit a text is left as it was typed, and so is one that is no length', () => {
    expect(textIn({ text: '37½', unit: 'in' }, 'in')).toBe('37½');
    expect(textIn({ text: '36 1/0', unit: 'in' }, 'cm')).toBe('36 1/0');
    expect(textIn({ text: '', unit: 'in' }, 'cm')).toBe('');
  });
});
