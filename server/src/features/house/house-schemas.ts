import type { Unit } from '@ample-bolt/core/units/length';

/** Rules as typed, by id; null takes one back. */
export const ruleTexts = {
  type: 'object',
  additionalProperties: { type: ['string', 'null'], maxLength: 40 },
} as const;
export type RuleTexts = { readonly [id: string]: string | null };

export interface RulesEdit {
  readonly version: number;
  /** What bare numbers mean. */
  readonly unit: Unit;
  readonly rules: RuleTexts;
}

export const rulesEditSchema = {
  type: 'object',
  required: ['version', 'unit', 'rules'],
  additionalProperties: false,
  properties: { version: { type: 'integer', minimum: 1 }, unit: { enum: ['in', 'cm'] }, rules: ruleTexts },
} as const;
