import { orderSchema } from '@ample-bolt/core/formats/order/order-schema';
import type { MeasuredFrom } from '@ample-bolt/core/measures/measure-set';
import { sequenceIds, type SequenceId } from '@ample-bolt/core/measures/sequences';
import type { Unit } from '@ample-bolt/core/units/length';

/** Days that a private link may hold. */
const DAYS_MOST = 30;

export interface NewHomeLink {
  readonly sequence: SequenceId;
  readonly days: number;
  /** Whom the message is for, as the shop writes it. */
  readonly to: string;
}

export const newHomeLinkSchema = {
  type: 'object',
  required: ['sequence', 'days', 'to'],
  additionalProperties: false,
  properties: {
    sequence: { enum: sequenceIds },
    days: { type: 'integer', minimum: 1, maximum: DAYS_MOST },
    to: { type: 'string', minLength: 1, maxLength: 120, pattern: '^[^\\r\\n]*\\S[^\\r\\n]*$' },
  },
} as const;

/** What the client's page sends: lengths as typed. */
export interface HomeEdit {
  readonly unit: Unit;
  readonly from: MeasuredFrom;
  readonly undergarment: string;
  readonly remarks: string;
  readonly values: { readonly [id: string]: string };
}

export const homeEditSchema = {
  type: 'object',
  required: ['unit', 'from', 'undergarment', 'remarks', 'values'],
  additionalProperties: false,
  properties: {
    unit: { enum: ['in', 'cm'] },
    from: orderSchema.properties.measured.properties.from,
    undergarment: { type: 'string', maxLength: 120 },
    remarks: { type: 'string', maxLength: 1000 },
    values: { type: 'object', maxProperties: 80, additionalProperties: { type: 'string', maxLength: 40 } },
  },
} as const;
