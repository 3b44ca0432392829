/** A field that several messages have. */
export const version = { type: 'integer', minimum: 1 } as const;
export const uuid = { type: 'string', format: 'uuid' } as const;
/** A calendar day, yyyy-mm-dd. */
export const day = { type: 'string', format: 'date' } as const;
export const unit = { enum: ['in', 'cm'] } as const;
/** Lengths arrive as they were typed and are read by core, which knows the field's bounds. */
export const typed = {
  type: 'object',
  additionalProperties: { type: 'string', maxLength: 40 },
} as const;
/** Whose change it is, as the device was told. */
export const by = { type: 'string', maxLength: 60 } as const;
/** Rules as typed, by id; null takes one back. */
export const ruleTexts = {
  type: 'object',
  additionalProperties: { type: ['string', 'null'], maxLength: 40 },
} as const;
