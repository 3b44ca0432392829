import type { TableEvent } from '@ample-bolt/core/shop/table-event';
import { by } from './ticket-schemas.ts';

/** What a device did at the table, and its clock when it said so. */
export interface TableEdit {
  readonly events: readonly TableEvent[];
  readonly sentAt: string;
}

const moment = { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d\\.\\d{3}Z$' } as const;

export const tableEditSchema = {
  type: 'object',
  required: ['events', 'sentAt'],
  additionalProperties: false,
  properties: {
    sentAt: moment,
    events: {
      type: 'array',
      minItems: 1,
      maxItems: 1000,
      items: {
        type: 'object',
        required: ['id', 'kind', 'on', 'mark', 'done', 'lay', 'at', 'by'],
        additionalProperties: false,
        properties: {
          id: { type: 'string', format: 'uuid' },
          kind: { enum: ['mark', 'cut'] },
          on: { type: 'string', minLength: 1, maxLength: 80 },
          mark: { type: 'integer', minimum: 0, maximum: 1000 },
          done: { type: 'boolean' },
          lay: { type: 'string', maxLength: 40 },
          at: moment,
          by,
        },
      },
    },
  },
} as const;
