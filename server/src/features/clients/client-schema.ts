import type { ClientKind } from '@ample-bolt/core/measures/measure-set';
import type { KnownClient } from '@ample-bolt/core/shop/known-client';

const name = { type: 'string', minLength: 1, maxLength: 120, pattern: '\\S' } as const;
const kind = { enum: ['adult', 'child'] } as const;
const version = { type: 'integer', minimum: 1 } as const;
const id = { type: 'string', format: 'uuid' } as const;
const words = { type: 'string', maxLength: 2000 } as const;

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
  properties: { name, kind, another: { type: 'boolean' } },
} as const;

/** What is changed of a client; brought back from the archive, or taken apart from the one she was one with, she is here. */
export interface ClientChange extends Partial<Pick<KnownClient, 'name' | 'kind' | 'contact' | 'remarks'>> {
  readonly version: number;
  readonly state?: 'here' | 'archived';
  readonly another?: boolean;
}

export const clientChangeSchema = {
  type: 'object',
  required: ['version'],
  additionalProperties: false,
  properties: {
    version,
    name,
    kind,
    contact: words,
    remarks: words,
    state: { enum: ['here', 'archived'] },
    another: { type: 'boolean' },
  },
} as const;

/** The client that she is one with. */
export interface ClientMerge {
  readonly version: number;
  readonly into: string;
}

export const clientMergeSchema = {
  type: 'object',
  required: ['version', 'into'],
  additionalProperties: false,
  properties: { version, into: id },
} as const;

/** Her name, written out: what is erased is gone. */
export interface ClientErasure {
  readonly name: string;
}

export const clientErasureSchema = {
  type: 'object',
  required: ['name'],
  additionalProperties: false,
  properties: { name: { type: 'string', maxLength: 120 } },
} as const;
