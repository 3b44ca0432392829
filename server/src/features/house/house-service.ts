import { readRuleChanges } from '@ample-bolt/core/formats/order/read-rules';
import type { House, RulesEdit } from '@ample-bolt/core/messages/house-messages';
import { ruleSet, type RuleSet } from '@ample-bolt/core/rules/catalogue';
import { badInput, Problem } from '../../http/problem.ts';
import type { Stores } from '../../stores/stores.ts';

/** All rules that a ticket opened now is drafted by. */
export const houseRules = async ({ house }: Pick<Stores, 'house'>): Promise<RuleSet> =>
  ruleSet((await house.read()).rules);

/** Sets rules from what was typed; null takes a rule back to its default. Tickets that are open keep theirs. */
export async function setHouseRules(
  { house }: Pick<Stores, 'house'>,
  { version, unit, rules }: RulesEdit,
): Promise<House> {
  const { rules: own } = await house.read();
  const changed = readRuleChanges(own, {}, rules, unit);
  if (!changed.ok) throw badInput(changed.fault);
  if (await house.write(version, changed.value)) return house.read();
  throw new Problem(
    409,
    'stale',
    'The house rules were changed elsewhere in the meantime; look at them and enter yours again.',
    { extra: { current: await house.read() } },
  );
}
