import { describe, expect, test } from '@jest/globals';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import { sampleLay } from '@ample-bolt/core/testing/sample-lay';
import { plansOf } from './plans-of.ts';
import type { FoldPlan } from '../search/use-lay-search.ts';

const found = (plan: Lay): FoldPlan => ({ fold: plan.fold, lay: plan, obstacle: undefined, work: 10 });
const search = {
  plans: [found(sampleLay('open', 1600)), found(sampleLay('half', 1500)), found(sampleLay('width', 1300))],
};
const nothing: readonly Lay[] = [];

describe('the plans of a cloth', () => {
  test('the least to buy is on screen, until another is picked', () => {
    expect(plansOf(search, nothing, undefined, undefined, Infinity).planned?.fold).toBe('width');
    expect(plansOf(search, nothing, undefined, 'open', Infinity).planned?.fold).toBe('open');
  });

  test('the ticket’s own plan stays on screen though another would be less, and is not changed for one as long', () => {
    const chosen = sampleLay('half', 1500);
    const { planned, all } = plansOf(search, nothing, chosen, undefined, Infinity);
    expect(planned).toBe(chosen);
    expect(all.find(({ fold }) => fold === 'half')?.lay).toBe(chosen);
    // A shorter one that was found since is offered beside it.
    const later = plansOf(search, [sampleLay('half', 1200)], chosen, undefined, Infinity);
    expect(later.planned).toBe(chosen);
    expect(later.lays.includes(chosen)).toBe(false);
    expect(plansOf(search, [sampleLay('half', 1200)], chosen, 'half', Infinity).planned?.length).toBe(1200);
  });

  test('what the shop’s computer found takes the place of a longer plan, and of no shorter one', () => {
    const long = [sampleLay('open', 1200), sampleLay('half', 1550), sampleLay('open', 1250)];
    const { all, planned } = plansOf(search, long, undefined, undefined, Infinity);
    expect(all.map(({ lay: plan }) => plan?.length)).toEqual([1200, 1500, 1300]);
    expect(planned?.fold).toBe('open');
  });

  test('of cloth in hand a plan that it is long enough for comes before one that buys less by its fold', () => {
    const plans = {
      plans: [
        found(sampleLay('open', 1372)),
        found(sampleLay('half', 1390, { buy: { amount: 1.5, unit: 'yd' } })),
      ],
    };
    expect(plansOf(plans, nothing, undefined, undefined, 1380).planned?.fold).toBe('open');
    expect(plansOf(plans, nothing, undefined, undefined, Infinity).planned?.fold).toBe('half');
    expect(plansOf(plans, nothing, undefined, undefined, 1000).planned?.fold).toBe('half');
  });

  test('ways that cannot be are not offered', () => {
    const obstacle = { code: 'nothing-to-refold', severity: 'stop', where: { subject: 'outer' } } as const;
    const plans = { plans: [...search.plans, { fold: 'mixed', lay: undefined, obstacle, work: 0 } as const] };
    const { possible, all, lays } = plansOf(plans, nothing, undefined, undefined, Infinity);
    expect([all.length, possible.length, lays.length]).toEqual([4, 3, 3]);
  });
});
