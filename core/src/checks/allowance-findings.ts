import { finding, type Finding } from '../findings/finding.ts';
import { allowanceRule, allowancesFrom, seamRoles, type Allowances } from '../pieces/allowances.ts';
import { ruleOf, type RuleSet } from '../rules/catalogue.ts';

/** Lengths that differ by less are the same, mm. */
const SAME = 0.5;

/** Allowances outside what the trade keeps, forgotten or doubled, each once. */
export const allowanceFindings = (rules: RuleSet, own: Partial<Allowances>): Finding[] => {
  const allowances = allowancesFrom(rules, own);
  return seamRoles.flatMap((role): Finding[] => {
    const id = allowanceRule(role);
    const rule = ruleOf(id);
    if (rule.kind === 'method' || !rule.usual) return [];
    const [least, most] = rule.usual;
    const found = allowances[role];
    const isUsual = found >= least - SAME && found <= most + SAME;
    const isDoubled = rule.value > 0 && Math.abs(found - 2 * rule.value) < SAME;
    return isUsual && !isDoubled
      ? []
      : [
          finding(
            'allowance-unusual',
            { subject: id },
            {
              found,
              expected: rule.value,
              least,
              most,
              remedy: { kind: 'set-rule', rule: id, value: rule.value },
            },
          ),
        ];
  });
};
