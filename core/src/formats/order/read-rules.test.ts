import { describe, expect, test } from '@jest/globals';
import { ruleIds, ruleOf, ruleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { readRule, readRuleOverrides } from './read-rules.ts';

const ranged = ruleIds.flatMap((id) => {
  const rule = ruleOf(id);
  return rule.kind === 'method' ? [] : [{ id, rule }];
});
const outside = ({ id, rule }: (typeof ranged)[number]) => {
  const [, most] = rule.range;
  return readRule(id, rule.kind === 'length' ? `${most / inches(1) + 1}in` : most + 1, 'in', `rules.${id}`);
};

describe('the range that a rule can be set to', () => {
  test('its usual value and what is usual lie in it', () => {
    for (const { id, rule } of ranged) {
      const [least, most] = rule.range;
      const usual = 'usual' in rule && rule.usual ? rule.usual : [rule.value, rule.value];
      for (const value of [rule.value, ...usual])
        expect([id, value >= least - 1e-9 && value <= most + 1e-9]).toEqual([id, true]);
    }
  });

  test('a value past it is refused by its name, with the range', () => {
    for (const each of ranged) {
      const read = outside(each);
      expect([each.id, read.ok]).toEqual([each.id, false]);
      if (read.ok) continue;
      expect(read.fault.field).toBe(`rules.${each.id}`);
      expect(read.fault.message).toMatch(/between .* and /);
      expect(read.fault.message).toContain(each.rule.label);
    }
    const read = readRuleOverrides({ 'allowance.side': '9' }, 'in');
    expect(!read.ok && read.fault.message).toMatch(/Rule side seam .*between 0 in and /);
  });

  test('a value that was kept before the rule had it is brought to its nearer end', () => {
    for (const { id, rule } of ranged) {
      const [least, most] = rule.range;
      expect([id, ruleSet({ [id]: most + 1 })[id]]).toEqual([id, most]);
      expect([id, ruleSet({ [id]: least - 1 })[id]]).toEqual([id, least]);
    }
  });
});
