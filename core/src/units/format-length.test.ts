import { describe, expect, test } from '@jest/globals';
import { formatLength, formatNumber, roundLength } from './format-length.ts';

describe('formatLength', () => {
  test.each([
    [314.325, '12 3/8 in'],
    [304.8, '12 in'],
    [9.525, '3/8 in'],
    [0, '0 in'],
    [-9.525, '−3/8 in'],
    [304.7, '12 in'],
    [0.2, '0 in'],
    [-0.2, '0 in'],
  ])('%d mm is %s', (mm, text) => {
    expect(formatLength(mm, 'in')).toBe(text);
  });

  test('centimetres have a decimal where it counts', () => {
    expect(formatLength(314, 'cm')).toBe('31.4 cm');
    expect(formatLength(310, 'cm')).toBe('31 cm');
    expect(formatLength(-4, 'cm')).toBe('−0.4 cm');
  });

  test('typeset fractions use the fraction slash and a thin space', () => {
    expect(formatNumber(314.325, 'in', { style: 'typeset' })).toBe('12\u202f3\u20448');
  });

  test('rounding agrees with what is shown', () => {
    expect(roundLength(100, 'in', { denominator: 8 })).toBeCloseTo(3.875 * 25.4, 9);
    expect(roundLength(101.2, 'cm', { decimals: 1 })).toBeCloseTo(101, 9);
    expect(roundLength(0, 'in')).toBe(0);
  });
});
