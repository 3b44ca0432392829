import { styleOf } from '../styles/style-book.ts';
import { expect, test } from '@jest/globals';
import { measureIds } from '../measures/catalogue.ts';
import { homeMeasures, noEntries, setFromHome } from './home-set.ts';
import { noMeasures } from './ticket.ts';

const entered = (mm: number) => ({ mm, typed: `${mm}mm` });
const home = { ...noEntries('cm'), undergarment: 'slip', values: { bust: entered(920) } };
const by = { takenOn: '2026-11-20', takenBy: 'Her' };

test('what comes from home is the first set of a ticket that has none', () => {
  expect(setFromHome(noMeasures, home, by)).toMatchObject({
    revision: 1,
    source: 'home',
    takenBy: 'Her',
    takenOn: '2026-11-20',
    undergarment: 'slip',
    values: { bust: entered(920) },
  });
});

test('beside a set of the shop it is the next one: her figures over those of the shop', () => {
  const own = { ...noMeasures, undergarment: 'none', values: { bust: entered(900), hip: entered(1000) } };
  const set = setFromHome(own, { ...home, undergarment: '' }, by);
  expect(set).toMatchObject({ revision: 2, undergarment: 'none' });
  expect(set.values).toEqual({ bust: entered(920), hip: entered(1000) });
});

test('lengths that the shop took from another start are left out, or they would be read from hers', () => {
  const own = {
    ...noMeasures,
    from: 'midShoulder' as const,
    values: { hip: entered(1000), frontWaistLength: entered(410), shoulderToBust: entered(250) },
  };
  const set = setFromHome(own, { ...home, values: { shoulderToBust: entered(262) } }, by);
  expect(set.from).toBe('neckSide');
  expect(set.values).toEqual({ hip: entered(1000), shoulderToBust: entered(262) });
});

test('at home a sequence is asked without what nobody can take there', () => {
  const asked = homeMeasures('full', styleOf('fitted-dress'));
  expect(asked).not.toContain('crotchDepth');
  expect(asked.length).toBe(measureIds.length - 3);
});
