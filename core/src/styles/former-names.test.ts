import { expect, test } from '@jest/globals';
import { byPresentNames } from './former-names.ts';

test('a length below the waist and a sleeve’s length are read by the names that they had', () => {
  expect(byPresentNames('plain-bodice', { below: 'hem', length: 4 })).toEqual({
    below: 'hem',
    lengthBelow: 4,
  });
  expect(byPresentNames('surplice-crop-top', { sleeve: 8 })).toEqual({ sleeveLength: 8 });
});

test('a name that means something else now is left, and so is every other style', () => {
  const dress = { skirt: 'skirt-fitted', length: 40 };
  expect(byPresentNames('plain-bodice', dress)).toEqual(dress);
  expect(byPresentNames('surplice-crop-top', { sleeve: 'none' })).toEqual({ sleeve: 'none' });
  expect(byPresentNames('fitted-dress', { length: 40 })).toEqual({ length: 40 });
});

test('what has its present name already wins', () => {
  expect(byPresentNames('plain-bodice', { length: 3, lengthBelow: 4 })).toEqual({ lengthBelow: 4 });
});
