import { describe, expect, test } from '@jest/globals';
import { measureIds, measureOf, type MeasureId } from '../measures/catalogue.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { figureNames, shapedBodies } from '../testing/shaped-bodies.ts';
import { inches } from '../units/length.ts';
import { checkMeasures } from './plausibility.ts';
import { proportions } from './proportions.ts';

const rules = ruleSet();
const check = (values: MeasureValues) => checkMeasures(values, 'adult', rules);

/** Whole inches with their two digits the other way round. */
function swapped(mm: number): number | undefined {
  const count = mm / inches(1);
  const whole = Math.floor(count);
  if (whole < 10 || whole > 99) return undefined;
  return inches(Number([...String(whole)].reverse().join('')) + count - whole);
}

/** A slip that leaves a measure nearly as it was cannot be told from a body; a part of the measure. */
const UNSEEN = { slip: 0.06, neighbour: 0.12 };

/** Six ways in which one measure of a set is written wrong. */
function damaged(id: MeasureId, mm: number, values: MeasureValues): number[] {
  const neighbour = measureOf(id)
    .related.map((other) => values[other as MeasureId])
    .find((other) => other !== undefined && Math.abs(other - mm) > UNSEEN.neighbour * mm);
  return [mm / 2, 2 * mm, swapped(mm), 2.54 * mm, mm / 2.54, neighbour].filter(
    (each): each is number => each !== undefined && Math.abs(each - mm) > UNSEEN.slip * mm,
  );
}

describe('measures that bound each other', () => {
  test('every pair has bounds, a reason, and two measures of the tape', () => {
    for (const { of, to, least, most, why } of proportions) {
      expect(least).toBeLessThan(most);
      expect(why.length).toBeGreaterThan(10);
      expect(measureIds).toEqual(expect.arrayContaining([of, to]));
    }
  });

  test('of six kinds of slips at least 97 in 100 are named, the measure that was damaged first', () => {
    let [all, caught, first] = [0, 0, 0];
    for (const name of figureNames) {
      const bodies = shapedBodies(name, 5);
      for (let each = 0; each < 4; each++) {
        const { values } = bodies.next().value;
        for (const id of measureIds)
          for (const mm of damaged(id, values[id] ?? 0, values)) {
            const findings = check({ ...values, [id]: mm });
            all++;
            if (findings.some(({ where }) => where.measure === id || where.subject === id)) caught++;
            if (findings[0]?.where.measure === id) first++;
          }
      }
    }
    expect(all).toBeGreaterThan(3000);
    expect(caught / all).toBeGreaterThan(0.97);
    expect(first / all).toBeGreaterThan(0.97);
  });

  test('of undamaged ordinary sets fewer than one in a hundred is accused', () => {
    const bodies = shapedBodies('ordinary', 9);
    const accused = Array.from({ length: 300 }, () => check(bodies.next().value.values)).filter(
      (findings) => findings.length > 0,
    );
    expect(accused.length).toBeLessThan(3);
  });

  test('the culprit is named before what it disagrees with, with what was meant', () => {
    const { values } = shapedBodies('ordinary', 3).next().value;
    const [found, ...others] = check({ ...values, waist: 2.54 * (values.waist ?? 0) });
    expect(found).toMatchObject({
      code: 'measure-slip',
      where: { measure: 'waist', subject: 'cm-as-inches' },
      remedy: { kind: 'set-measure', measure: 'waist' },
    });
    expect(found?.expected).toBeCloseTo(values.waist ?? NaN, 6);
    expect(others).toEqual([]);
  });
});
