/** The style file, JSON Schema 2020-12: a garment as a shop composed it. Published as docs/schemas/style.schema.json. */
export const styleSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'ample-bolt/style',
  title: 'Ample Bolt style',
  type: 'object',
  required: ['format', 'version', 'unit', 'name', 'style', 'choices'],
  additionalProperties: false,
  properties: {
    format: { const: 'ample-bolt/style' },
    version: { const: 1 },
    unit: { enum: ['in', 'cm'], description: 'The unit of lengths that name none.' },
    name: { type: 'string', minLength: 1, maxLength: 80, pattern: '\\S' },
    style: { type: 'string', maxLength: 60, description: 'The style of the book that it is composed on.' },
    choices: {
      type: 'object',
      maxProperties: 80,
      description: 'Parts by their slots and everything chosen of them; what is left out is as usual.',
      additionalProperties: { type: ['number', 'string'], maxLength: 40 },
    },
  },
} as const;
