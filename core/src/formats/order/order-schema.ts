import { layManners } from '../../lay/model/lay-manner.ts';
import { placeSchemas } from '../place-schemas.ts';
import { clothRoles } from '../../pieces/piece.ts';

/** The order file, JSON Schema 2020-12. Published as docs/schemas/order.schema.json. */
const length = {
  type: ['number', 'string'],
  description: 'A number in the file’s unit, or a text such as "28 1/2", "98cm", "1yd 4".',
} as const;

const pieceIds = {
  type: 'array',
  maxItems: 40,
  items: { type: 'string', minLength: 1, maxLength: 80 },
} as const;

export const orderSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'ample-bolt/order',
  title: 'Ample Bolt order',
  type: 'object',
  required: ['format', 'version', 'unit', 'measures', 'garments'],
  additionalProperties: false,
  properties: {
    format: { const: 'ample-bolt/order' },
    version: { const: 1 },
    unit: { enum: ['in', 'cm'] },
    client: {
      type: 'object',
      additionalProperties: false,
      properties: { name: { type: 'string', maxLength: 200 }, kind: { enum: ['adult', 'child'] } },
    },
    measured: {
      type: 'object',
      additionalProperties: false,
      properties: {
        from: { enum: ['neckSide', 'midShoulder'] },
        startLine: { enum: ['stitch', 'cut'] },
        heelHeight: length,
      },
    },
    measures: { type: 'object', additionalProperties: length },
    observations: {
      type: 'object',
      additionalProperties: false,
      properties: {
        build: { enum: ['slim', 'middle', 'full'] },
        tummy: { enum: ['flat', 'rounded'] },
        shoulders: { enum: ['square', 'middle', 'sloping'] },
      },
    },
    garments: {
      type: 'array',
      minItems: 1,
      items: {
        type: 'object',
        additionalProperties: false,
        anyOf: [{ required: ['style'] }, { required: ['parts'] }],
        properties: {
          style: { type: 'string' },
          parts: {
            type: 'object',
            additionalProperties: {
              type: ['string', 'object'],
              required: ['part'],
              additionalProperties: false,
              properties: {
                part: { type: 'string' },
                options: { type: 'object', additionalProperties: length },
              },
            },
          },
          choices: { type: 'object' },
          figures: {
            type: 'object',
            additionalProperties: {
              type: 'object',
              required: ['value'],
              additionalProperties: false,
              properties: {
                value: length,
                why: { type: 'string' },
                line: { enum: ['cut', 'stitch'] },
              },
            },
          },
        },
      },
    },
    rules: { type: 'object', additionalProperties: length },
    corrections: {
      type: 'array',
      maxItems: 60,
      items: {
        type: 'object',
        required: ['figure', 'by', 'from'],
        additionalProperties: false,
        properties: {
          figure: { type: 'string', minLength: 3, maxLength: 120 },
          by: length,
          of: { enum: ['client', 'style', 'house'] },
          from: { type: 'string', minLength: 1, maxLength: 200 },
          leftOut: { type: 'boolean' },
        },
      },
    },
    signedOff: {
      type: 'object',
      additionalProperties: { type: 'string', minLength: 3, maxLength: 400 },
      description: 'Why a stop is taken on, by the key that `bolt check --json` gives it.',
    },
    cloths: {
      type: 'array',
      items: {
        type: 'object',
        required: ['role', 'width'],
        additionalProperties: false,
        properties: {
          role: { enum: clothRoles },
          name: { type: 'string', maxLength: 200 },
          bolt: { type: 'string', minLength: 1, maxLength: 80 },
          colour: { type: 'string', pattern: '^#[0-9a-fA-F]{6}$' },
          width: length,
          selvedge: length,
          length: { type: ['number', 'string', 'null'] },
          oneWay: { type: 'boolean' },
          bothSides: { type: 'boolean' },
          price: { type: 'number', minimum: 0, maximum: 1e6 },
          endTrim: length,
          repeat: length,
          matched: { type: 'boolean' },
          repeatAcross: length,
          figureAt: length,
          spacing: length,
          ...placeSchemas(length),
          border: { enum: ['left', 'right'] },
          stretch: { enum: ['across', 'along'] },
          manners: {
            type: 'array',
            maxItems: 60,
            items: {
              type: 'object',
              required: ['piece', 'manner'],
              additionalProperties: false,
              properties: {
                piece: { type: 'string', minLength: 1, maxLength: 80 },
                manner: { enum: layManners },
                margin: length,
              },
            },
          },
          joined: pieceIds,
          takes: pieceIds,
          under: { enum: [...clothRoles] },
        },
      },
    },
  },
} as const;
