import { familyOf } from '../words/rule-words.ts';
import { ruleIds, ruleOf, ruleSet, type RuleSet } from '../rules/catalogue.ts';

/** House rules within their ranges: a few of them anywhere, at an end as often as between. Rules that only check or buy stay. */
export function anyRules(random: () => number): RuleSet {
  const pick = <T>(values: readonly [T, ...T[]]): T =>
    values[Math.floor(random() * values.length)] ?? values[0];
  const within = ([least, most]: readonly [number, number]) =>
    pick([least, most, least + random() * (most - least)]);
  const drawn = ruleIds.filter((id) => !['check', 'cloth'].includes(familyOf(id)));
  const moved = Array.from({ length: 1 + Math.floor(random() * 3) }, () => {
    const id = drawn[Math.floor(random() * drawn.length)] ?? 'school.block';
    const rule = ruleOf(id);
    const [first = '', ...others] = rule.kind === 'method' ? Object.keys(rule.methods) : [];
    return [id, rule.kind === 'method' ? pick([first, ...others]) : within(rule.range)] as const;
  });
  return ruleSet(Object.fromEntries(moved));
}
