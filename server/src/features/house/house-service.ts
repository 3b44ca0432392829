import { readRuleChanges } from '@ample-bolt/core/formats/order/read-rules';
import { ruleSet, type RuleOverrides, type RuleSet } from '@ample-bolt/core/rules/catalogue';
import { badInput, Problem } from '../../http/problem.ts';
import type { RulesEdit } from './house-schemas.ts';
import { HouseModel } from './house-model.ts';

/** What of the rules is the house's own, and the version that a change is made on. */
export interface House {
  readonly rules: RuleOverrides;
  readonly version: number;
}

const ONLY_HOUSE = 1;

export async function house(): Promise<House> {
  const row = await HouseModel.findByPk(ONLY_HOUSE);
  if (!row) throw new Error('the house’s row is missing; the migration makes it');
  return { rules: row.rules, version: row.version };
}

/** All rules that a ticket opened now is drafted by. */
export const houseRules = async (): Promise<RuleSet> => ruleSet((await house()).rules);

/** Sets rules from what was typed; null takes a rule back to its default. Tickets that are open keep theirs. */
export async function setHouseRules({ version, unit, rules }: RulesEdit): Promise<House> {
  const { rules: own } = await house();
  const changed = readRuleChanges(own, {}, rules, unit);
  if (!changed.ok) throw badInput(changed.fault);
  const [count] = await HouseModel.update(
    { rules: changed.value, version: version + 1 },
    { where: { id: ONLY_HOUSE, version } },
  );
  if (count === 1) return house();
  throw new Problem(
    409,
    'stale',
    'The house rules were changed elsewhere in the meantime; look at them and enter yours again.',
    { extra: { current: await house() } },
  );
}
