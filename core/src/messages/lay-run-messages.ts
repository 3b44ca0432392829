import { layWays } from '../lay/model/lay.ts';
import { clothRoles } from '../pieces/piece.ts';
import { uuid } from './fields.ts';
import { shape, type Of } from '../formats/of-schema.ts';

/** Seconds of searching that may be asked for at once. */
const SECONDS = { least: 5, most: 4 * 3600 };

/** A search for lays at the shop's computer; others are tickets that share the cloth. */
export const newLayRun = shape({
  type: 'object',
  required: ['role', 'folds', 'seconds'],
  additionalProperties: false,
  properties: {
    role: { enum: clothRoles },
    folds: { type: 'array', items: { enum: layWays }, minItems: 1, uniqueItems: true },
    seconds: { type: 'number', minimum: SECONDS.least, maximum: SECONDS.most },
    others: { type: 'array', items: uuid, maxItems: 20, uniqueItems: true },
  },
});
export type NewLayRun = Of<typeof newLayRun>;
