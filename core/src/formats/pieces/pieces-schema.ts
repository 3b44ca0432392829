import { placeSchemas } from '../place-schemas.ts';

/** A pieces file: outlines to lay on one cloth, without a draft. Lengths in its unit; `width` is the usable width. */
export interface PiecesFile {
  readonly format: 'ample-bolt/pieces';
  readonly version: 1;
  readonly unit: 'mm' | 'cm' | 'in';
  readonly width: number;
  readonly length?: number | null;
  readonly oneWay?: boolean;
  readonly bothSides?: boolean;
  /** Kept free between pieces. */
  readonly spacing?: number;
  /** Of a print: pieces that say where are matched by it. */
  readonly repeat?: number;
  readonly flaws?: readonly PlaceOnCloth[];
  readonly panels?: readonly (PlaceOnCloth & { readonly piece: string })[];
  readonly outline?: readonly { readonly along: number; readonly across: number }[];
  readonly pieces: readonly PieceFile[];
}

/** Along the cloth from its start, and across it from its left edge. */
export interface PlaceOnCloth {
  readonly from: number;
  readonly to: number;
  readonly left: number;
  readonly right: number;
}

/** A skirt, peplum or flounce that is cut from a circle: its cut radii, how much of a circle, and the allowance at its joins. */
export interface FlareFile {
  readonly inner: number;
  readonly outer: number;
  readonly circle?: number;
  readonly join?: number;
}

export interface PieceFile {
  readonly name: string;
  /** Its outline; a flare has its radii in its place. */
  readonly polygon?: readonly (readonly [number, number])[];
  readonly flare?: FlareFile;
  /** All copies that are cut; half of them mirrored where `mirror` says so. */
  readonly count?: number;
  readonly mirror?: boolean;
  /** Symmetric about the middle of its width: folded cloth may cut it as a half. */
  readonly onFold?: boolean;
  readonly rotations?: readonly (0 | 180)[];
  /** It lies with its grain at 45°. */
  readonly bias?: boolean;
  /** The y of its polygon that lies on a figure of the print. */
  readonly matchAt?: number;
}

const place = { type: 'number', minimum: 0, maximum: 1e6 } as const;
const coordinate = { type: 'number', minimum: -1e6, maximum: 1e6 } as const;

/** The pieces file, JSON Schema 2020-12. Published as docs/schemas/pieces.schema.json. */
export const piecesSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'ample-bolt/pieces',
  title: 'Ample Bolt pieces',
  type: 'object',
  required: ['format', 'version', 'unit', 'width', 'pieces'],
  additionalProperties: false,
  properties: {
    format: { const: 'ample-bolt/pieces' },
    version: { const: 1 },
    unit: { enum: ['mm', 'cm', 'in'] },
    width: { type: 'number', exclusiveMinimum: 0 },
    length: { type: ['number', 'null'], exclusiveMinimum: 0 },
    oneWay: { type: 'boolean' },
    bothSides: { type: 'boolean' },
    spacing: { type: 'number', minimum: 0, maximum: 1e3 },
    repeat: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
    ...placeSchemas(place),
    pieces: {
      type: 'array',
      minItems: 1,
      maxItems: 500,
      items: {
        type: 'object',
        required: ['name'],
        if: { not: { required: ['flare'] } },
        then: { required: ['polygon'] },
        additionalProperties: false,
        properties: {
          name: { type: 'string', minLength: 1, maxLength: 80 },
          polygon: {
            type: 'array',
            minItems: 3,
            maxItems: 2000,
            items: { type: 'array', items: coordinate, minItems: 2, maxItems: 2 },
          },
          flare: {
            type: 'object',
            required: ['inner', 'outer'],
            additionalProperties: false,
            properties: {
              inner: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
              outer: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
              circle: { type: 'number', minimum: 0.05, maximum: 4 },
              join: { type: 'number', minimum: 0, maximum: 1e3 },
            },
          },
          count: { type: 'integer', minimum: 1, maximum: 200 },
          mirror: { type: 'boolean' },
          onFold: { type: 'boolean' },
          bias: { type: 'boolean' },
          matchAt: coordinate,
          rotations: {
            type: 'array',
            items: { enum: [0, 180] },
            minItems: 1,
            maxItems: 2,
            uniqueItems: true,
          },
        },
      },
    },
  },
} as const;
