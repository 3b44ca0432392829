import { describe, expect, test } from '@jest/globals';
import { ruleSet } from '../../rules/catalogue.ts';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { foldCount, frontier, layMinutes } from './effort.ts';
import { outlineCount, type Fold, type Lay } from '../model/lay.ts';
import { planForWork } from './plan-lay.ts';

describe('what a lay takes at the table', () => {
  const rules = ruleSet({});
  const pieces = [samplePanel('front', 'fold', 10, 20), samplePanel('back', 'pair', 10, 20)];
  const planned = (fold: Fold) =>
    planForWork({ pieces, cloth: sampleCloth(), fold, seed: 1, shrinkPercent: 0, buyIn: 'yd' }, 1);
  const open = planned('open');
  const half = planned('half');

  test('double cloth halves the outlines and costs a fold', () => {
    expect(outlineCount(half)).toBeLessThan(outlineCount(open));
    expect([foldCount(open), foldCount(half)]).toEqual([0, 1]);
    const perOutline = rules['cloth.minutesPerOutline'];
    expect(layMinutes(open, rules)).toBe(outlineCount(open) * perOutline);
    expect(layMinutes(half, rules)).toBe(outlineCount(half) * perOutline + rules['cloth.minutesPerFold']);
  });

  test('a plan that another one beats in both is no choice', () => {
    const minutes = new Map<Lay, number>([
      [open, 60],
      [half, 40],
    ]);
    const minutesOf = (lay: Lay) => minutes.get(lay) ?? NaN;
    expect(frontier([open, half], minutesOf, (lay) => (lay === open ? 1000 : 1200))).toEqual([open, half]);
    expect(frontier([open, half], minutesOf, () => 1000)).toEqual([half]);
    expect(
      frontier(
        [open, half],
        () => 50,
        () => 1000,
      ),
    ).toEqual([open, half]);
  });
});
