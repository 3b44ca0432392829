import { by, uuid } from './fields.ts';
import { shape, type Of } from '../formats/of-schema.ts';

const moment = { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d\\.\\d{3}Z$' } as const;

/** What a device did at the table, and its clock when it said so. */
export const tableEdit = shape({
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
          id: uuid,
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
});
export type TableEdit = Of<typeof tableEdit>;
