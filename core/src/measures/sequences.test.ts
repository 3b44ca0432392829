import { describe, expect, test } from '@jest/globals';
import { fittedDress } from '../styles/fitted-dress.ts';
import { measureIds } from './catalogue.ts';
import { measuresIn, sequenceIds } from './sequences.ts';

describe('sets of measures to take', () => {
  test.each(sequenceIds)('%s is in taking order, without repeats', (id) => {
    const ids = measuresIn(id, fittedDress);
    expect(ids.length).toBeGreaterThan(8);
    expect(ids).toEqual(measureIds.filter((each) => ids.includes(each)));
  });

  test('the whole tape is every measure; the style’s is what it requires, derives and checks', () => {
    expect(measuresIn('full', undefined)).toEqual(measureIds);
    for (const id of fittedDress.requires) expect(measuresIn('style', fittedDress)).toContain(id);
    expect(measuresIn('style', undefined)).toEqual([]);
  });

  test('a dress is a bodice and what lies below it; a child has no bust to measure down to', () => {
    const dress = measuresIn('dress', undefined);
    for (const id of measuresIn('bodice', undefined)) expect(dress).toContain(id);
    expect(measuresIn('child', undefined)).not.toContain('bustSpan');
    expect(measuresIn('trousers', undefined)).toEqual(
      expect.arrayContaining(['inseam', 'crotchDepth', 'thigh']),
    );
  });
});
