import { expect, test } from '@jest/globals';
import { usualObservations } from '../measures/measure-set.ts';
import type { ClientSet } from './client-set.ts';
import { growthBy } from './growth.ts';

const set = (takenOn: string, height: number): ClientSet => ({
  id: takenOn,
  ticket: null,
  revision: 1,
  source: 'file',
  takenBy: '',
  undergarment: '',
  takenOn,
  from: 'neckSide',
  observations: usualObservations,
  values: { height: { mm: height, typed: '' } },
});

test('growth between two sets is carried on evenly to the day a garment is due', () => {
  // 100 days, 20 mm; 50 days more at the same pace are 10 mm.
  const sets = [set('2026-11-09', 1220), set('2026-08-01', 1200)];
  expect(growthBy(sets, 'height', '2026-12-29')).toEqual({
    since: '2026-08-01',
    days: 100,
    grown: 20,
    more: 10,
  });
});

test('two tapes of one fortnight are not growth; the set before them is looked at', () => {
  const sets = [set('2026-06-01', 1190), set('2026-11-01', 1220), set('2026-11-09', 1221)];
  expect(growthBy(sets, 'height', '2026-11-09')).toMatchObject({ since: '2026-06-01', grown: 31, more: 0 });
});

test('without two sets, or for a day that is past, nothing is foretold', () => {
  expect(growthBy([set('2026-11-09', 1220)], 'height', '2026-12-01')).toBeUndefined();
  expect(
    growthBy([set('2026-06-01', 1190), set('2026-11-09', 1220)], 'height', '2026-11-01'),
  ).toBeUndefined();
  expect(growthBy([set('2026-06-01', 1190), set('2026-11-09', 1220)], 'waist', '2026-12-01')).toBeUndefined();
});
