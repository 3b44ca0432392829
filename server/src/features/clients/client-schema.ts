import type { ClientKind } from '@ample-bolt/core/measures/measure-set';

export interface NewClient {
  readonly name: string;
  readonly kind: ClientKind;
  /** Somebody else than the one of this name who is known. */
  readonly another?: boolean;
}

export const clientSchema = {
  type: 'object',
  required: ['name', 'kind'],
  additionalProperties: false,
  properties: {
    name: { type: 'string', minLength: 1, maxLength: 120, pattern: '\\S' },
    kind: { enum: ['adult', 'child'] },
    another: { type: 'boolean' },
  },
} as const;
