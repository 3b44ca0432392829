import { describe, expect, test } from '@jest/globals';
import { measureIds } from '@ample-bolt/core/measures/catalogue';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import { measuresAsked } from './measures-asked.ts';
import { tapePaths } from './tape-paths.ts';

describe('measuresAsked', () => {
  const asked = measuresAsked('fitted-dress');

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
    expect(measuresAsked('toga')).toEqual([]);
  });

  test('the tape’s path is drawn for every measure that is asked', () => {
    for (const { id } of asked) expect([id, tapePaths[id]?.path.startsWith('M')]).toEqual([id, true]);
  });
});
