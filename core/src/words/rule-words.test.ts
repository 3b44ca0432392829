import { describe, expect, test } from '@jest/globals';
import { readRule } from '../formats/order/read-rules.ts';
import { ruleIds, ruleOf, ruleSet, rulesThatDiffer, type RuleId } from '../rules/catalogue.ts';
import { plainLengths } from '../units/format-length.ts';
import { inches } from '../units/length.ts';
import { familyOf, ruleFamilies, ruleValueWords } from './rule-words.ts';

describe('house rules in words', () => {
  test.each(ruleIds)('%s has a label, a reason, a family and a value that reads', (id) => {
    const { label, reason } = ruleOf(id);
    expect(label).toMatch(/^[a-zé0-9].*[^.]$/i);
    expect(reason).toMatch(/\.$/);
    expect(Object.keys(ruleFamilies)).toContain(familyOf(id));
    for (const unit of ['in', 'cm'] as const)
      expect(ruleValueWords(id, ruleSet()[id], unit)).toMatch(/^[^–].*$/);
  });

  test('labels are unique, so that a finding which names one is not taken for another', () => {
    const labels = ruleIds.map((id) => ruleOf(id).label);
    expect(labels.filter((label, index) => labels.indexOf(label) !== index)).toEqual([]);
  });

  test.each(ruleIds)('%s is read back from what is shown of it, in either unit', (id) => {
    const value = ruleSet()[id];
    const rule = ruleOf(id);
    for (const unit of ['in', 'cm'] as const) {
      const shown =
        rule.kind === 'method'
          ? String(value)
          : plainLengths(ruleValueWords(id, value, unit)).replace(/ (%|days|min)$/, '');
      const back = readRule(id, shown, unit, `rules.${id}`);
      if (!back.ok) throw new Error(`${shown}: ${back.fault.message}`);
      if (typeof value !== 'number') expect(back.value).toBe(value);
      // Shown to a sixteenth or a millimetre, so read back within half of that.
      else
        expect(Math.abs(Number(back.value) - value)).toBeLessThanOrEqual(rule.kind === 'length' ? 0.8 : 5e-4);
    }
  });

  test.each([
    ['allowance.side', 'wide', 'not a length'],
    ['allowance.side', '-1', 'negative'],
    ['allowance.side', '40 in', 'out of range'],
    ['cloth.shrinkage', '80', 'between 0 and 50'],
    ['cloth.shrinkage', 'much', 'between 0 and 50'],
    ['school.block', 'both', 'one of solved, table'],
  ] as const)('%s of "%s" is refused: %s', (id, text, words) => {
    const read = readRule(id, text, 'in', `rules.${id}`);
    expect(read).toMatchObject({ ok: false, fault: { field: `rules.${id}` } });
    expect(read.ok ? '' : read.fault.message).toContain(words);
    expect(read.ok ? '' : read.fault.message.toLowerCase()).toContain(ruleOf(id).label);
  });

  test('only what differs is told apart, to a hundredth of a millimetre', () => {
    const plain = ruleSet();
    const own = ruleSet({ 'allowance.side': inches(0.75), 'school.block': 'table' });
    const differing: RuleId[] = rulesThatDiffer(plain, own);
    expect([...differing].sort()).toEqual(['allowance.side', 'school.block']);
    expect(rulesThatDiffer(plain, ruleSet())).toEqual([]);
  });
});
