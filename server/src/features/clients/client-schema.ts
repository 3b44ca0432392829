import type { ClientKind } from '@ample-bolt/core/measures/measure-set';

export interface NewClient {
  readonly name: string;
  readonly kind: ClientKind;
}

export const clientSchema = {
  type: 'object',
  required: ['name', 'kind'],
  additionalProperties: false,
  properties: {
    name: { type: 'string', minLength: 1, maxLength: 120, pattern: '\\S' },
    kind: { enum: ['adult', 'child'] },
  },
} as const;
