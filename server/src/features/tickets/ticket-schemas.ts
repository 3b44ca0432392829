import type { ClothFile } from '@ample-bolt/core/formats/order/order-file';
import { orderSchema } from '@ample-bolt/core/formats/order/order-schema';
import { folds, layWays, rotations } from '@ample-bolt/core/lay/model/lay';
import type { LaidOut } from '@ample-bolt/core/lay/model/laid-out';
import { PLEATS_MOST } from '@ample-bolt/core/worked-out/sample-garment';
import { clothRoles, type ClothRole } from '@ample-bolt/core/pieces/piece';
import { ticketStates, type MeasureSet, type Ticket } from '@ample-bolt/core/shop/ticket';
import type { Unit } from '@ample-bolt/core/units/length';
import { clientSchema, type NewClient } from '../clients/client-schema.ts';
import { ruleTexts, type RuleTexts } from '../house/house-schemas.ts';
import type { Versioned } from './ticket-changes.ts';

const title = { type: 'string', minLength: 1, maxLength: 160, pattern: '\\S' } as const;
const day = { type: 'string', format: 'date' } as const;
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
    dueOn: day,
    unit,
    styleId: { type: 'string', maxLength: 60 },
  },
} as const;

/** Another ticket like one that there is. */
export interface TicketCopy {
  readonly title: string;
  readonly dueOn: string;
}
export const ticketCopySchema = {
  type: 'object',
  required: ['title', 'dueOn'],
  additionalProperties: false,
  properties: { title, dueOn: day },
} as const;

/** A ticket opened from an order file; core reads the file. */
export interface OrderedTicket {
  readonly title: string;
  readonly dueOn: string;
  readonly order: unknown;
  /** Whose it is, where the name is known: one of those, or somebody new. */
  readonly client?: { readonly id: string } | 'new';
}

export const orderedTicketSchema = {
  type: 'object',
  required: ['title', 'dueOn', 'order'],
  additionalProperties: false,
  properties: {
    title,
    dueOn: day,
    order: { type: 'object' },
    client: {
      if: { type: 'object' },
      then: {
        type: 'object',
        required: ['id'],
        additionalProperties: false,
        properties: { id: { type: 'string', format: 'uuid' } },
      },
      else: { enum: ['new'] },
    },
  },
} as const;

/** Whose change it is, as the device was told. */
export const by = { type: 'string', maxLength: 60 } as const;

/** Taken with every change: the version it is made on, whose it is, and whether pieces under the chalk may be drawn anew. */
const on = { version, by, release: { type: 'boolean' } } as const;

/** Whose ticket it is after all; its measures go with it. */
export type ClientEdit = Versioned & Pick<NewTicket, 'client'>;
export const clientEditSchema = {
  type: 'object',
  required: ['version', 'client'],
  additionalProperties: false,
  properties: { ...on, client: newTicketSchema.properties.client },
} as const;

export type TicketEdit = Versioned & Partial<Pick<Ticket, 'state' | 'title' | 'dueOn' | 'unit' | 'remarks'>>;
export const ticketEditSchema = {
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
} as const;

/** What changes of a set of measures; what is left out stays as it is, and a length that is sent empty is taken away. */
export type MeasuresEdit = Versioned &
  Partial<Pick<MeasureSet, 'from' | 'startLine' | 'takenBy' | 'undergarment'>> & {
    readonly observations?: Partial<MeasureSet['observations']>;
    readonly takenOn?: string;
    readonly values?: { readonly [id: string]: string };
    readonly garment?: { readonly values?: { readonly [id: string]: string }; readonly pleats?: number };
    /** Measured anew: the set as it stands stays, and this is the next. */
    readonly anew?: boolean;
  };
export const measuresEditSchema = {
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
} as const;

export type StyleEdit = Versioned & Pick<Ticket, 'styleId'> & { readonly keepParts?: boolean };
export const styleEditSchema = {
  type: 'object',
  required: ['version', 'styleId'],
  additionalProperties: false,
  properties: { ...on, styleId: { type: 'string', maxLength: 60 }, keepParts: { type: 'boolean' } },
} as const;

/** Choices as typed; one that is sent empty is as usual again, and what is left out stays. Sent with none, the style is agreed on. */
export type ChoicesEdit = Versioned & { readonly choices: { readonly [id: string]: string } };
export const choicesEditSchema = {
  type: 'object',
  required: ['version', 'choices'],
  additionalProperties: false,
  properties: { ...on, choices: typed },
} as const;

/** Cloths, each in the place of the one of its role, and roles whose cloth is taken away; the others stay. */
export type ClothsEdit = Versioned & {
  readonly cloths: readonly ClothFile[];
  readonly without?: readonly ClothRole[];
};
export const clothsEditSchema = {
  type: 'object',
  required: ['version', 'cloths'],
  additionalProperties: false,
  properties: {
    ...on,
    cloths: { ...cloths, maxItems: 12 },
    without: { type: 'array', items: { enum: clothRoles }, maxItems: 5 },
  },
} as const;

const number = { type: 'number' } as const;
const drawn = {
  type: 'object',
  required: ['wide', 'long', 'around', 'area', 'x', 'y'],
  additionalProperties: false,
  properties: { wide: number, long: number, around: number, area: number, x: number, y: number },
} as const;
const span = { type: 'array', items: { type: 'number' }, minItems: 2, maxItems: 2 } as const;

const role = cloths.items.properties.role;

/** A lay of the ticket, or of it and of others that share the cloth: their pieces are then numbered with their tickets. */
export type LayEdit = Versioned & {
  readonly role: ClothRole;
  readonly lay: LaidOut | null;
  readonly others?: readonly { readonly id: string; readonly version: number }[];
};
export const layEditSchema = {
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
        properties: { id: { type: 'string', format: 'uuid' }, version },
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
} as const;

export type TicketRulesEdit = Versioned & { readonly rules: RuleTexts };
export const ticketRulesEditSchema = {
  type: 'object',
  required: ['version', 'rules'],
  additionalProperties: false,
  properties: { ...on, rules: ruleTexts },
} as const;

const why = { type: 'string', maxLength: 200 } as const;

export type FiguresEdit = Versioned & {
  /** As typed; null takes a figure back to what is computed. */
  readonly figures: { readonly [id: string]: { readonly value: string; readonly why: string } | null };
};
export const figuresEditSchema = {
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
} as const;

export type SignOffsEdit = Versioned & {
  /** By the finding's key; null takes a sign-off back. */
  readonly signedOff: { readonly [key: string]: Ticket['signedOff'][string] | null };
};
export const signOffsEditSchema = {
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
} as const;

export type PlaceEdit = Versioned & { readonly place: number };
export const placeEditSchema = {
  type: 'object',
  required: ['version', 'place'],
  additionalProperties: false,
  properties: { ...on, place: { type: 'integer', minimum: 0 } },
} as const;
