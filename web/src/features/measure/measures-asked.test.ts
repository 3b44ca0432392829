import { describe, expect, test } from '@jest/globals';
import { measureIds } from '@ample-bolt/core/measures/catalogue';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import { measuresAsked } from './measures-asked.ts';

describe('measuresAsked', () => {
  const asked = measuresAsked('style', styleOf('fitted-dress'));

  test('asks for what the style uses, in taking order, and says what may be left out', () => {
    const places = asked.map(({ id }) => measureIds.indexOf(id));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(
      asked
        .filter(({ need }) => need === 'required')
        .map(({ id }) => id)
        .sort(),
    ).toEqual([...(styleOf('fitted-dress')?.requires ?? [])].sort());
    expect(asked.find(({ id }) => id === 'armhole')).toMatchObject({ need: 'derived', group: 'Arm' });
  });

  test('a style that is not in the book asks for nothing', () => {
    expect(measuresAsked('style', styleOf('toga'))).toEqual([]);
  });

  test('the whole tape asks for every measure, each under the part of the body that it is on', () => {
    const whole = measuresAsked('full', styleOf('fitted-dress'));
    expect(whole.map(({ id }) => id)).toEqual(measureIds);
    const groupOf = (id: string) => whole.find((asked) => asked.id === id)?.group;
    expect(['shoulder', 'head', 'underarmLength', 'inseam'].map(groupOf)).toEqual([
      'Across and down',
      'Rounds',
      'Arm',
      'Below the waist',
    ]);
    expect(whole.find(({ id }) => id === 'thigh')?.need).toBe('more');
  });

  test('a measure that was found by its name is asked in its place', () => {
    const ids = measuresAsked('style', styleOf('fitted-dress'), 'wrist').map(({ id }) => id);
    expect(ids.indexOf('wrist')).toBe(ids.indexOf('upperArm') + 1);
  });
});
