import type { House, RulesEdit } from '@ample-bolt/core/messages/house-messages';
import { ruleSet, type RuleSet } from '@ample-bolt/core/rules/catalogue';
import type { Unit } from '@ample-bolt/core/units/length';
import useSWR, { useSWRConfig } from 'swr';
import { send } from './fetcher.ts';

const KEY = '/api/house';

export interface HouseRules {
  readonly house: House | undefined;
  /** All rules as they are today, or undefined before they are fetched. */
  readonly today: RuleSet | undefined;
  readonly error: Error | undefined;
  readonly again: () => void;
  /** Sets rules from what was typed; null takes one back to its default. */
  readonly set: (rules: { readonly [id: string]: string | null }, unit: Unit) => Promise<void>;
}

export function useHouseRules(): HouseRules {
  const { data: house, error, mutate } = useSWR<House, Error>(KEY);
  const { mutate: show } = useSWRConfig();
  return {
    house,
    today: house && ruleSet(house.rules),
    error,
    again: () => void mutate(),
    set: async (rules, unit) => {
      const stored = await send<House>('PUT', `${KEY}/rules`, {
        version: house?.version ?? 1,
        unit,
        rules,
      } satisfies RulesEdit);
      await show(KEY, stored, { revalidate: false });
    },
  };
}
