import { orderSchema } from '../formats/order/order-schema.ts';
import { folds, layWays, rotations } from '../lay/model/lay.ts';
import type { Cloth } from '../lay/model/cloth.ts';
import type { Sharer } from '../lay/buy/together.ts';
import { clothRoles } from '../pieces/piece.ts';
import { ticketStates, type Ticket } from '../shop/ticket.ts';
import { PLEATS_MOST } from '../worked-out/sample-garment.ts';
import { newClientSchema } from './client-messages.ts';
import { by, day, ruleTexts, typed, unit, uuid, version } from './fields.ts';
import { shape, type Of } from '../formats/of-schema.ts';

const title = { type: 'string', minLength: 1, maxLength: 160, pattern: '\\S' } as const;
const { measured, observations, cloths } = orderSchema.properties;

const known = {
  type: 'object',
  required: ['id'],
  additionalProperties: false,
  properties: { id: uuid },
} as const;
/** Whose a ticket is: a client who is known, or somebody new. */
const client = { if: { type: 'object', required: ['id'] }, then: known, else: newClientSchema } as const;

export const newTicket = shape({
  type: 'object',
  required: ['title', 'client', 'dueOn', 'unit', 'styleId'],
  additionalProperties: false,
  properties: {
    title,
    client,
    dueOn: day,
    unit,
    styleId: { type: 'string', maxLength: 60 },
    choices: typed,
  },
});
export type NewTicket = Of<typeof newTicket>;

/** Another ticket like one that there is. */
export const ticketCopy = shape({
  type: 'object',
  required: ['title', 'dueOn'],
  additionalProperties: false,
  properties: { title, dueOn: day },
});
export type TicketCopy = Of<typeof ticketCopy>;

/** A ticket opened from an order file; core reads the file. */
export const orderedTicket = shape({
  type: 'object',
  required: ['title', 'dueOn', 'order'],
  additionalProperties: false,
  properties: {
    title,
    dueOn: day,
    order: { type: 'object' },
    client: { if: { type: 'object' }, then: known, else: { enum: ['new'] } },
  },
});
export type OrderedTicket = Of<typeof orderedTicket>;

/** Taken with every change: the version it is made on, whose it is, and whether pieces under the chalk may be drawn anew. */
const on = { version, by, release: { type: 'boolean' } } as const;

/** A change made on a version; `release` takes it on oneself that pieces under the chalk are drawn anew. */
export interface Versioned {
  readonly version: number;
  readonly by?: string | undefined;
  readonly release?: boolean | undefined;
}

/** Whose ticket it is after all; its measures go with it. */
export const clientEdit = shape({
  type: 'object',
  required: ['version', 'client'],
  additionalProperties: false,
  properties: { ...on, client },
});
export type ClientEdit = Of<typeof clientEdit>;

export const ticketEdit = shape({
  type: 'object',
  required: ['version'],
  additionalProperties: false,
  properties: {
    ...on,
    state: { enum: ticketStates },
    title,
    dueOn: day,
    unit,
    remarks: { type: 'string', maxLength: 4000 },
  },
});
export type TicketEdit = Of<typeof ticketEdit>;

/** What changes of a set of measures; what is left out stays as it is, and a length that is sent empty is taken away. */
export const measuresEdit = shape({
  type: 'object',
  required: ['version'],
  additionalProperties: false,
  properties: {
    ...on,
    from: measured.properties.from,
    startLine: measured.properties.startLine,
    observations: { ...observations, additionalProperties: false },
    takenOn: day,
    takenBy: { type: 'string', maxLength: 80 },
    undergarment: { type: 'string', maxLength: 120 },
    values: typed,
    garment: {
      type: 'object',
      additionalProperties: false,
      properties: { values: typed, pleats: { type: 'integer', minimum: 0, maximum: PLEATS_MOST } },
    },
    anew: { type: 'boolean' },
  },
});
export type MeasuresEdit = Of<typeof measuresEdit>;

export const styleEdit = shape({
  type: 'object',
  required: ['version', 'styleId'],
  additionalProperties: false,
  properties: {
    ...on,
    styleId: { type: 'string', maxLength: 60 },
    keepParts: { type: 'boolean' },
    choices: typed,
  },
});
export type StyleEdit = Of<typeof styleEdit>;

/** Choices as typed; one that is sent empty is as usual again, and what is left out stays. Sent with none, the style is agreed on. */
export const choicesEdit = shape({
  type: 'object',
  required: ['version', 'choices'],
  additionalProperties: false,
  properties: { ...on, choices: typed },
});
export type ChoicesEdit = Of<typeof choicesEdit>;

/** Cloths, each in the place of the one of its role, and roles whose cloth is taken away; the others stay. */
export const clothsEdit = shape({
  type: 'object',
  required: ['version', 'cloths'],
  additionalProperties: false,
  properties: {
    ...on,
    cloths: { ...cloths, maxItems: 12 },
    without: { type: 'array', items: { enum: clothRoles }, maxItems: 5 },
  },
});
export type ClothsEdit = Of<typeof clothsEdit>;

const number = { type: 'number' } as const;
const drawn = {
  type: 'object',
  required: ['wide', 'long', 'around', 'area', 'x', 'y'],
  additionalProperties: false,
  properties: { wide: number, long: number, around: number, area: number, x: number, y: number },
} as const;
const span = { type: 'array', items: number, minItems: 2, maxItems: 2 } as const;

const role = cloths.items.properties.role;

/** A lay of the ticket, or of it and of others that share the cloth: their pieces are then numbered with their tickets. */
export const layEdit = shape({
  type: 'object',
  required: ['version', 'role', 'lay'],
  additionalProperties: false,
  properties: {
    ...on,
    role,
    others: {
      type: 'array',
      maxItems: 20,
      items: {
        type: 'object',
        required: ['id', 'version'],
        additionalProperties: false,
        properties: { id: uuid, version },
      },
    },
    lay: {
      type: ['object', 'null'],
      required: ['role', 'fold', 'length', 'sections', 'placements', 'drawn'],
      additionalProperties: false,
      properties: {
        role: { enum: clothRoles },
        fold: { enum: layWays },
        length: { type: 'number', exclusiveMinimum: 0 },
        sections: {
          type: 'array',
          minItems: 1,
          maxItems: 20,
          items: {
            type: 'object',
            required: ['fold', 'from', 'to', 'foldLines', 'doubled'],
            additionalProperties: false,
            properties: {
              fold: { enum: folds },
              from: { type: 'number' },
              to: { type: 'number' },
              foldLines: { type: 'array', maxItems: 2, items: { type: 'number' } },
              doubled: { type: 'array', maxItems: 2, items: span },
            },
          },
        },
        drawn: { type: 'object', maxProperties: 200, additionalProperties: drawn },
        placements: {
          type: 'array',
          maxItems: 400,
          items: {
            type: 'object',
            required: ['piece', 'copy', 'x', 'y', 'rotation', 'mirrored', 'onFold', 'section'],
            additionalProperties: false,
            properties: {
              piece: { type: 'string' },
              copy: { type: 'integer', minimum: 0 },
              x: { type: 'number' },
              y: { type: 'number' },
              rotation: { enum: rotations },
              mirrored: { type: 'boolean' },
              onFold: { type: 'boolean' },
              section: { type: 'integer', minimum: 0 },
            },
          },
        },
      },
    },
  },
});
export type LayEdit = Of<typeof layEdit>;

export const ticketRulesEdit = shape({
  type: 'object',
  required: ['version', 'rules'],
  additionalProperties: false,
  properties: { ...on, rules: ruleTexts },
});
export type TicketRulesEdit = Of<typeof ticketRulesEdit>;

const why = { type: 'string', maxLength: 200 } as const;

export const figuresEdit = shape({
  type: 'object',
  required: ['version', 'figures'],
  additionalProperties: false,
  properties: {
    ...on,
    figures: {
      type: 'object',
      additionalProperties: {
        type: ['object', 'null'],
        required: ['value', 'why'],
        additionalProperties: false,
        properties: { value: { type: 'string', maxLength: 40 }, why },
      },
    },
  },
});
export type FiguresEdit = Of<typeof figuresEdit>;

export const signOffsEdit = shape({
  type: 'object',
  required: ['version', 'signedOff'],
  additionalProperties: false,
  properties: {
    ...on,
    signedOff: {
      type: 'object',
      additionalProperties: {
        type: ['object', 'null'],
        required: ['why', 'found'],
        additionalProperties: false,
        properties: { why: { ...why, minLength: 3, pattern: '\\S' }, found: { type: ['number', 'null'] } },
      },
    },
  },
});
export type SignOffsEdit = Of<typeof signOffsEdit>;

export const placeEdit = shape({
  type: 'object',
  required: ['version', 'place'],
  additionalProperties: false,
  properties: { ...on, place: { type: 'integer', minimum: 0 } },
});
export type PlaceEdit = Of<typeof placeEdit>;

/** One step of a ticket's history, newest last. */
export interface TicketStep {
  readonly place: number;
  readonly what: string;
  readonly madeAt: string;
  /** Whose it is; empty where nobody said. */
  readonly by: string;
}

/** Another ticket whose cloth is the same, so that both can be laid together. */
export interface ClothSharer extends Sharer, Pick<Ticket, 'title' | 'client' | 'version'> {
  /** Its lay stays as it is. */
  readonly chalked: boolean;
}

/** A cloth that is on other tickets already, with their numbers. */
export interface KnownCloth {
  readonly cloth: Cloth;
  readonly tickets: readonly number[];
}
