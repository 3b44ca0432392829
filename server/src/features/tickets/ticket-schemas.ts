import type { ClothFile } from '@ample-bolt/core/formats/order/order';
import { orderSchema } from '@ample-bolt/core/formats/order/order-schema';
import type { Lay } from '@ample-bolt/core/lay/lay';
import type { MeasureSet, Ticket } from '@ample-bolt/core/shop/ticket';
import type { Unit } from '@ample-bolt/core/units/length';
import { clientSchema, type NewClient } from '../clients/client-schema.ts';

const title = { type: 'string', minLength: 1, maxLength: 160, pattern: '\\S' } as const;
const dueOn = { type: 'string', format: 'date' } as const;
const unit = { enum: ['in', 'cm'] } as const;
const version = { type: 'integer', minimum: 1 } as const;
/** Lengths arrive as they were typed and are read by core, which knows the field's bounds. */
const typed = { type: 'object', additionalProperties: { type: 'string', maxLength: 40 } } as const;
const { measured, observations, cloths } = orderSchema.properties;

export interface NewTicket {
  readonly title: string;
  readonly client: { readonly id: string } | NewClient;
  readonly dueOn: string;
  readonly unit: Unit;
  readonly styleId: string;
}

export const newTicketSchema = {
  type: 'object',
  required: ['title', 'client', 'dueOn', 'unit', 'styleId'],
  additionalProperties: false,
  properties: {
    title,
    client: {
      type: 'object',
      if: { required: ['id'] },
      then: { properties: { id: { type: 'string', format: 'uuid' } } },
      else: clientSchema,
    },
    dueOn,
    unit,
    styleId: { type: 'string', maxLength: 60 },
  },
} as const;

interface Versioned {
  readonly version: number;
}

export type TicketEdit = Versioned & Partial<Pick<Ticket, 'title' | 'dueOn' | 'unit'>>;
export const ticketEditSchema = {
  type: 'object',
  required: ['version'],
  additionalProperties: false,
  properties: { version, title, dueOn, unit },
} as const;

export type MeasuresEdit = Versioned &
  Pick<MeasureSet, 'from' | 'startLine' | 'observations'> & {
    readonly values: { readonly [id: string]: string };
  };
export const measuresEditSchema = {
  type: 'object',
  required: ['version', 'from', 'startLine', 'observations', 'values'],
  additionalProperties: false,
  properties: {
    version,
    from: measured.properties.from,
    startLine: measured.properties.startLine,
    observations: { ...observations, required: ['build', 'tummy', 'shoulders'], additionalProperties: false },
    values: typed,
  },
} as const;

export type ChoicesEdit = Versioned & { readonly choices: { readonly [id: string]: string } };
export const choicesEditSchema = {
  type: 'object',
  required: ['version', 'choices'],
  additionalProperties: false,
  properties: { version, choices: typed },
} as const;

export type ClothsEdit = Versioned & { readonly cloths: readonly ClothFile[] };
export const clothsEditSchema = {
  type: 'object',
  required: ['version', 'cloths'],
  additionalProperties: false,
  properties: { version, cloths: { ...cloths, maxItems: 12 } },
} as const;

const point = {
  type: 'object',
  required: ['x', 'y'],
  properties: { x: { type: 'number' }, y: { type: 'number' } },
} as const;
const span = { type: 'array', items: { type: 'number' }, minItems: 2, maxItems: 2 } as const;

export type LayEdit = Versioned & { readonly lay: Lay | null };
export const layEditSchema = {
  type: 'object',
  required: ['version', 'lay'],
  additionalProperties: false,
  properties: {
    version,
    lay: {
      type: ['object', 'null'],
      required: [
        'role',
        'width',
        'usable',
        'length',
        'buy',
        'utilisation',
        'fold',
        'sections',
        'placements',
        'bound',
      ],
      properties: {
        role: { enum: ['outer', 'lining', 'stay', 'net', 'trim'] },
        fold: { enum: ['open', 'half'] },
        length: { type: 'number', exclusiveMinimum: 0 },
        usable: span,
        buy: {
          type: 'object',
          required: ['amount', 'unit'],
          properties: { amount: { type: 'number' }, unit: { enum: ['yd', 'm'] } },
        },
        sections: {
          type: 'array',
          maxItems: 20,
          items: {
            type: 'object',
            required: ['fold', 'from', 'to', 'foldLines', 'doubled'],
            properties: {
              foldLines: { type: 'array', items: { type: 'number' } },
              doubled: { type: 'array', items: span },
            },
          },
        },
        placements: {
          type: 'array',
          maxItems: 400,
          items: {
            type: 'object',
            required: ['piece', 'copy', 'polygon', 'rotation', 'mirrored', 'onFold', 'section'],
            properties: {
              piece: { type: 'string' },
              copy: { type: 'integer', minimum: 0 },
              polygon: { type: 'array', items: point, minItems: 3, maxItems: 5000 },
              rotation: { enum: [0, 180] },
              mirrored: { type: 'boolean' },
              onFold: { type: 'boolean' },
              section: { type: 'integer', minimum: 0 },
            },
          },
        },
      },
    },
  },
} as const;

export type ChalkEdit = Versioned & Pick<Ticket, 'chalked'>;
export const chalkEditSchema = {
  type: 'object',
  required: ['version', 'chalked'],
  additionalProperties: false,
  properties: {
    version,
    chalked: { type: 'object', additionalProperties: { type: 'integer', minimum: 0, maximum: 1000 } },
  },
} as const;
