import { orderSchema } from '../formats/order/order-schema.ts';
import { sequenceIds } from '../measures/sequences.ts';
import type { HomeLink } from '../shop/home-set.ts';
import { by, unit, version } from './fields.ts';
import { shape, type Of } from '../formats/of-schema.ts';

/** Days that a private link may hold. */
const DAYS_MOST = 30;

/** A private link for a client; `to` is whom the message is for, as the shop writes it. */
export const newHomeLink = shape({
  type: 'object',
  required: ['sequence', 'days', 'to'],
  additionalProperties: false,
  properties: {
    sequence: { enum: sequenceIds },
    days: { type: 'integer', minimum: 1, maximum: DAYS_MOST },
    to: { type: 'string', minLength: 1, maxLength: 120, pattern: '^[^\\r\\n]*\\S[^\\r\\n]*$' },
  },
});
export type NewHomeLink = Of<typeof newHomeLink>;

/** The link with its address, which is told once. */
export interface OpenedHomeLink {
  readonly url: string;
  readonly link: HomeLink;
}

/** What came from home, taken as the ticket's next set. */
export const homeTaken = shape({
  type: 'object',
  required: ['version'],
  additionalProperties: false,
  properties: { version, by, release: { type: 'boolean' } },
});

/** What the client's page sends: lengths as typed. */
export const homeEdit = shape({
  type: 'object',
  required: ['unit', 'from', 'undergarment', 'remarks', 'values'],
  additionalProperties: false,
  properties: {
    unit,
    from: orderSchema.properties.measured.properties.from,
    undergarment: { type: 'string', maxLength: 120 },
    remarks: { type: 'string', maxLength: 1000 },
    values: { type: 'object', maxProperties: 80, additionalProperties: { type: 'string', maxLength: 40 } },
  },
});
export type HomeEdit = Of<typeof homeEdit>;
