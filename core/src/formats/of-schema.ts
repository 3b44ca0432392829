import type { FromSchema, JSONSchema } from 'json-schema-to-ts';

/** A value that nobody changes, however deep. */
type Fixed<Value> = Value extends object ? { readonly [Key in keyof Value]: Fixed<Value[Key]> } : Value;

/** What a document of a JSON schema is, once it was checked against it. */
export type OfSchema<Schema extends JSONSchema> = Fixed<
  FromSchema<Schema, { parseIfThenElseKeywords: true }>
>;

/** A schema that knows what its documents are. */
export interface Shape<Document> {
  readonly schema: object;
  /** There for the compiler alone. */
  readonly of?: Document;
}

/** What a shape's documents are. */
export type Of<Shaped extends Shape<unknown>> = NonNullable<Shaped['of']>;

export const shape = <const Schema extends JSONSchema>(schema: Schema): Shape<OfSchema<Schema>> => ({
  schema: schema as object,
});
