import { describe, expect, test } from '@jest/globals';
import { pressKey, type PadKey } from './press-key.ts';

const typed = (...keys: readonly PadKey[]) =>
  keys.reduce<string>((text, key) => pressKey(text, key, 'cm'), '');

describe('the pad on a phone', () => {
  test('digits, then fractions that add up as on the tape', () => {
    expect(typed('3', '7', '1/2')).toBe('37 1/2');
    expect(typed('3', '7', '1/2', '1/8')).toBe('37 5/8');
    expect(typed('3', '7', '1/4', '1/8', '1/8')).toBe('37 1/2');
    expect(typed('1/4')).toBe('1/4');
  });

  test('a fraction past a whole starts again', () => {
    expect(typed('9', '1/2', '1/2')).toBe('9 1/2');
    expect(pressKey('9 1/3', '1/8', 'cm')).toBe('9 1/8');
  });

  test('a decimal, and the other unit on and off', () => {
    expect(typed('9', '5', 'point', '5', 'unit')).toBe('95.5 cm');
    expect(typed('9', '5', 'point', 'point', '5', 'unit', 'unit')).toBe('95.5');
    expect(typed('point', '5')).toBe('0.5');
  });

  test('back takes the unit, then the whole fraction, then a digit', () => {
    expect(typed('3', '7', '1/2', '1/8', 'unit', 'back')).toBe('37 5/8');
    expect(typed('3', '7', '1/2', '1/8', 'back')).toBe('37');
    expect(typed('3', '7', 'back', 'back', 'back')).toBe('');
  });

  test('what cannot follow changes nothing', () => {
    expect(typed('3', '1/2', '4')).toBe('3 1/2');
    expect(typed('3', '1/2', 'point')).toBe('3 1/2');
  });
});
