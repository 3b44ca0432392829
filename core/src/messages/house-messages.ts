import type { RuleOverrides } from '../rules/catalogue.ts';
import { ruleTexts, unit, version } from './fields.ts';
import { shape, type Of } from '../formats/of-schema.ts';

/** Rules of the house as typed; the unit says what bare numbers mean. */
export const rulesEdit = shape({
  type: 'object',
  required: ['version', 'unit', 'rules'],
  additionalProperties: false,
  properties: { version, unit, rules: ruleTexts },
});
export type RulesEdit = Of<typeof rulesEdit>;

/** The rules of the house that are not as usual. */
export interface House {
  readonly rules: RuleOverrides;
  readonly version: number;
}
