import { describe, expect, test } from '@jest/globals';
import { ruleSet } from '../rules/catalogue.ts';
import { inches } from '../units/length.ts';
import { findingWords } from '../words/finding-words.ts';
import { checkAgainstLast } from './last-set.ts';
import { checkMeasures, oneSlipEach } from './plausibility.ts';

const last = (daysAgo = 30) => ({
  values: { bust: inches(36.5), shoulder: inches(15), hip: inches(40) },
  daysAgo,
});
const found = (bust: number, daysAgo = 30) => checkAgainstLast({ bust }, last(daysAgo), ruleSet())[0];

/** Habits of the trade, common practice with no source; the figures are ours. */
describe('a set beside the last one', () => {
  test('a round that changed by more than two inches within ninety days is pointed out', () => {
    expect(found(inches(38.5))).toBeUndefined();
    expect(found(inches(39))).toMatchObject({ code: 'measure-changed', severity: 'care' });
    expect(found(inches(39), 90)).toBeDefined();
    expect(found(inches(39), 91)).toBeUndefined();
    expect(found(inches(33.75))?.code).toBe('measure-changed');
  });

  test('a length may change with the shoes; only rounds are held to it', () => {
    expect(checkAgainstLast({ shoulder: inches(17.5) }, last(), ruleSet())).toEqual([]);
  });

  test.each([
    ['cm-as-inches', inches(92.5), inches(92.5) / 2.54],
    ['inches-as-cm', 365, 365 * 2.54],
    ['ten-times', inches(365), inches(36.5)],
    ['tenth', inches(3.65), inches(36.5)],
    ['swapped-digits', inches(63.5), inches(36.5)],
  ])('%s is seen, and what was meant is offered', (slip, mm, meant) => {
    const finding = found(mm, 400);
    expect(finding).toMatchObject({ code: 'measure-slip', where: { measure: 'bust', subject: slip } });
    expect(finding?.remedy).toEqual({
      kind: 'set-measure',
      measure: 'bust',
      mm: expect.closeTo(meant, 6) as unknown,
    });
    expect(finding && findingWords(finding, 'in').remedy).toMatch(/^Was 36.* in meant\?$/);
  });

  test('swapped digits in centimetres are seen too', () => {
    const [slip] = checkAgainstLast({ bust: 290 }, { values: { bust: 920 }, daysAgo: 9 }, ruleSet());
    expect(slip?.where.subject).toBe('swapped-digits');
  });

  test('without a last set, or a measure in it, there is nothing to say', () => {
    expect(checkAgainstLast({ bust: inches(63.5) }, undefined, ruleSet())).toEqual([]);
    expect(checkAgainstLast({ waist: inches(63.5) }, last(), ruleSet())).toEqual([]);
  });

  test('a slip that the range shows as well is told once, as the last set explains it', () => {
    const values = { bust: inches(92.5) };
    const both = [
      ...checkAgainstLast(values, last(), ruleSet()),
      ...checkMeasures(values, 'adult', ruleSet()),
    ];
    expect(both.map(({ code }) => code)).toEqual(['measure-slip', 'measure-slip']);
    expect(oneSlipEach(both)).toEqual(both.slice(0, 1));
  });

  test('how much and how soon are rules of the house', () => {
    const changed = (own: Parameters<typeof ruleSet>[0]) =>
      checkAgainstLast({ bust: inches(38.5) }, last(), ruleSet(own)).map(({ code }) => code);
    expect(changed({ 'check.roundChange': inches(1) })).toEqual(['measure-changed']);
    expect(changed({ 'check.roundChange': inches(1), 'check.changeDays': 20 })).toEqual([]);
  });
});
