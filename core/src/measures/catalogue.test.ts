import { describe, expect, test } from '@jest/globals';
import { styleBook } from '../styles/style-book.ts';
import { isMeasureId, measureIds, measureOf, measuresCalled } from './catalogue.ts';
import { startsAtShoulder, stepsFor } from './steps.ts';

describe('the catalogue of measures', () => {
  test('every related measure exists', () => {
    for (const id of measureIds)
      for (const related of measureOf(id).related) expect(isMeasureId(related)).toBe(true);
  });

  test('across the back comes before downs, downs before rounds, rounds before the arm, the arm before below the waist', () => {
    const order = [
      'shoulder',
      'shoulderToBust',
      'backWaistLength',
      'bust',
      'hip',
      'armhole',
      'waistToHip',
    ].map((id) => measureIds.findIndex((each) => each === id));
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });

  test('names of JavaScript objects are no measures', () => {
    expect(['constructor', 'toString', '__proto__'].some(isMeasureId)).toBe(false);
  });

  test('no style asks for one measure twice', () => {
    for (const { requires, derives, checks } of Object.values(styleBook)) {
      const asked = [...requires, ...derives, ...checks];
      expect(new Set(asked).size).toBe(asked.length);
    }
  });

  test.each(measureIds)('%s says how it is taken in two or three short lines', (id) => {
    const { names, starts, ends, usual } = measureOf(id);
    const lines = stepsFor(id, 'neckSide');
    expect(lines.length).toBeGreaterThanOrEqual(2);
    expect(lines.length).toBeLessThanOrEqual(3);
    for (const line of lines) expect(line).toMatch(/^[A-Z2].{4,78}\.$/);
    expect(names[0]).toMatch(/^[A-Z]/);
    expect(starts && ends).toBeTruthy();
    if (usual) expect(usual[0]).toBeLessThan(usual[1]);
  });

  test('a measure is found by any name that a shop has for it', () => {
    expect(measuresCalled('nipple')).toEqual(['bustSpan', 'shoulderToBust']);
    expect(measuresCalled('Biceps')).toEqual(['upperArm']);
    expect(measuresCalled('rise')).toEqual(['crotchDepth', 'crotchLength']);
    expect(measuresCalled('xylophone')).toEqual([]);
  });

  test('no name stands for two measures', () => {
    const names = measureIds.flatMap((id) => measureOf(id).names.map((name) => name.toLowerCase()));
    expect(names.filter((name, index) => names.indexOf(name) !== index)).toEqual([]);
  });

  test('shoulder lengths say where this set starts', () => {
    expect(stepsFor('shoulderToBust', 'midShoulder')[1]).toContain('middle of the shoulder');
    expect(stepsFor('bust', 'midShoulder')[1]).toContain('fullest');
    expect(measureIds.filter(startsAtShoulder)).toHaveLength(9);
  });
});
