import { describe, expect, test } from '@jest/globals';
import { styleBook } from '../styles/style-book.ts';
import { isMeasureId, measureIds, measureOf } from './catalogue.ts';
import { stepsFor } from './steps.ts';

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

  test('shoulder lengths say where this set starts', () => {
    expect(stepsFor('shoulderToBust', 'midShoulder')[0]).toContain('middle of the shoulder');
    expect(stepsFor('bust', 'midShoulder')[0]).toContain('fullest');
  });
});
