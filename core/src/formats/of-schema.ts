import type { FromSchema, JSONSchema } from 'json-schema-to-ts';

/** A value that nobody changes, however deep. */
type Fixed<Value> = Value extends object ? { readonly [Key in keyof Value]: Fixed<Value[Key]> } : Value;

/** The type of a document that was checked against a JSON schema. */
export type OfSchema<Schema extends JSONSchema> = Fixed<
  FromSchema<Schema, { parseIfThenElseKeywords: true }>
>;

/** A schema that knows what its documents are. */
export interface Shape<Document> {
  readonly schema: object;
  /** There for the compiler alone. */
  readonly of?: Document;
}

/** The type of a shape's documents. */
export type Of<Shaped extends Shape<unknown>> = NonNullable<Shaped['of']>;

export const shape = <const Schema extends JSONSchema>(schema: Schema): Shape<OfSchema<Schema>> => ({
  schema: schema as object,
});
