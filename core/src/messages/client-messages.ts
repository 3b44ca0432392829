import { uuid, version } from './fields.ts';
import { shape, type Of } from '../formats/of-schema.ts';

const name = { type: 'string', minLength: 1, maxLength: 120, pattern: '\\S' } as const;
const kind = { enum: ['adult', 'child'] } as const;
const words = { type: 'string', maxLength: 2000 } as const;
/** Somebody else than the one of this name who is known. */
const another = { type: 'boolean' } as const;

export const newClientSchema = {
  type: 'object',
  required: ['name', 'kind'],
  additionalProperties: false,
  properties: { name, kind, another },
} as const;
export const newClient = shape(newClientSchema);
export type NewClient = Of<typeof newClient>;

/** What is changed of a client; brought back from the archive, or taken apart from the one she was one with, she is here. */
export const clientChange = shape({
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
    another,
  },
});
export type ClientChange = Of<typeof clientChange>;

/** The client that she is one with. */
export const clientMerge = shape({
  type: 'object',
  required: ['version', 'into'],
  additionalProperties: false,
  properties: { version, into: uuid },
});
export type ClientMerge = Of<typeof clientMerge>;

/** Her name, written out: what is erased is gone. */
export const clientErasure = shape({
  type: 'object',
  required: ['name'],
  additionalProperties: false,
  properties: { name: { type: 'string', maxLength: 120 } },
});
export type ClientErasure = Of<typeof clientErasure>;

/** What became of a table of clients. */
export interface TakenIn {
  readonly clients: number;
  readonly sets: number;
  readonly known: number;
}
