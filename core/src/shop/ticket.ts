import { measuresWithParts } from '../parts/part-book.ts';
import type { MeasuresUsed } from '../measures/sequences.ts';
import { chalkMannerIn, type ChalkManner } from '../chalk/chalk-manner.ts';
import type { DraftableOrder } from './draft-order.ts';
import type { HandFigures } from '../pieces/hand-figure.ts';
import type { Cloth } from '../lay/model/cloth.ts';
import type { KeptLay } from '../lay/model/kept-lay.ts';
import { measureIds, type MeasureId } from '../measures/catalogue.ts';
import {
  usualObservations,
  type MeasuredFrom,
  type MeasureValues,
  type Observations,
} from '../measures/measure-set.ts';
import type { ClientKind } from '../measures/measure-set.ts';
import { ruleSet, type RuleOverrides } from '../rules/catalogue.ts';
import type { SignOffs } from './sign-off.ts';
import { styleOf } from '../styles/style-book.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import type { ClothRole } from '../pieces/piece.ts';
import type { Unit } from '../units/length.ts';

/** A length with what was typed for it, so that 37 1/2 does not come back as 952.5 mm. */
export interface Entered {
  readonly mm: number;
  readonly typed: string;
}

export type EnteredById = { readonly [id: string]: Entered };

/** One of a few ways to make it, as it was chosen. */
export interface EnteredOption {
  readonly option: string;
  readonly typed: string;
}

/** What was chosen of a style: lengths and options, each with what was typed for it. */
export type EnteredChoices = { readonly [id: string]: Entered | EnteredOption };

/** Measures of a garment that was sent in because it fits; all finished. */
export interface SampleGarment {
  readonly values: EnteredById;
  /** Pleats at the cuff of one sleeve. */
  readonly pleats: number;
}

const noGarment: SampleGarment = { values: {}, pleats: 0 };

/** The measures of one person as taken for one ticket. */
export interface MeasureSet {
  /** Which set of the ticket it is, from 1: measured anew, the one before stays. */
  readonly revision: number;
  /** Who held the tape: somebody of the shop, or the client at home. */
  readonly source: 'shop' | 'home';
  readonly takenBy: string;
  /** What was worn under the tape. */
  readonly undergarment: string;
  readonly from: MeasuredFrom;
  readonly startLine: 'stitch' | 'cut';
  readonly observations: Observations;
  /** The day it was taken, yyyy-mm-dd; null until something is. */
  readonly takenOn: string | null;
  readonly values: EnteredById;
  readonly garment: SampleGarment;
}

/** A set of which nothing is taken. */
export const noMeasures: MeasureSet = {
  revision: 1,
  source: 'shop',
  takenBy: '',
  undergarment: '',
  from: 'neckSide',
  startLine: 'stitch',
  observations: usualObservations,
  takenOn: null,
  values: {},
  garment: noGarment,
};

export interface TicketClient {
  readonly id: string;
  readonly name: string;
  readonly kind: ClientKind;
}

/** The chosen lay of each cloth, proved when it was stored. */
export type Lays = { readonly [role in ClothRole]?: KeptLay };

/** Where a ticket is in its life: at work, put aside until it goes on, given out, kept for the record, or thrown away and still to be had back. */
export const ticketStates = ['open', 'aside', 'delivered', 'archived', 'deleted'] as const;
export type TicketState = (typeof ticketStates)[number];

/** What can be changed of a ticket, and undone: inputs only; figures, pieces and marks are computed from them. */
export interface TicketContent {
  readonly state: TicketState;
  readonly title: string;
  /** What is made, by its id in the style book. */
  readonly styleId: string;
  /** A calendar day, yyyy-mm-dd. */
  readonly dueOn: string;
  readonly unit: Unit;
  /** What no field asks for: how she stands, what was promised, a sum from the slate. */
  readonly remarks: string;
  readonly measures: MeasureSet;
  /** Null until the style was agreed with the client. */
  readonly choices: EnteredChoices | null;
  /** The rules that it is drafted by: the house's as they were when it was opened, unless changed since. */
  readonly rules: RuleOverrides;
  /** Figures set by hand, with the reason. */
  readonly figures: HandFigures;
  /** Stops that somebody signed off, with the reason. */
  readonly signedOff: SignOffs;
  readonly cloths: readonly Cloth[];
  readonly lays: Lays;
  /** How many marks of each piece are chalked. */
  readonly chalked: { readonly [piece: string]: number };
  /** How many marks the stored lays give; 0 without one. */
  readonly marksInAll: number;
  /** Pieces that are cut. */
  readonly cut: readonly string[];
}

/** How a ticket is chalked, by its own measures and rules. */
export const chalkMannerOf = ({ measures, rules }: Pick<TicketContent, 'measures' | 'rules'>): ChalkManner =>
  chalkMannerIn(measures.startLine, ruleSet(rules));

/** An order as the shop keeps it. */
export interface Ticket extends TicketContent {
  readonly id: string;
  /** The short number on its stub. */
  readonly number: number;
  readonly client: TicketClient;
  /** Rises with every change; a stale write is refused. */
  readonly version: number;
  /** Rises with everything that is done at the table. */
  readonly tableVersion: number;
  /** Since when its pieces are frozen, and by which version of core they were drafted; null until chalking starts. */
  readonly frozen: { readonly at: string; readonly core: string } | null;
  /** How many stops its draft had when it was last changed, without those signed off; what lists know of the draft. */
  readonly stops: number;
  /** What one step back would undo and one step forward do again, in words. */
  readonly history: { readonly place: number; readonly undo: string | null; readonly redo: string | null };
}

export const valuesOf = (entered: EnteredById): MeasureValues =>
  Object.fromEntries(
    measureIds.flatMap((id) => (entered[id] === undefined ? [] : [[id, entered[id].mm] as const])),
  );

export const choiceValuesOf = (entered: EnteredChoices): ChoiceValues =>
  Object.fromEntries(
    Object.entries(entered).map(([id, choice]) => [id, 'option' in choice ? choice.option : choice.mm]),
  );

/** Measures that the ticket's style requires and that are not taken yet, in taking order. */
export function missingMeasures({ styleId, measures }: Pick<Ticket, 'styleId' | 'measures'>): MeasureId[] {
  const required = styleOf(styleId)?.requires ?? [];
  return measureIds.filter((id) => required.includes(id) && measures.values[id] === undefined);
}

/** Measures that a ticket's garment uses, those of the parts that were chosen for it included. */
export function measuresUsed({
  styleId,
  choices,
}: Pick<Ticket, 'styleId' | 'choices'>): MeasuresUsed | undefined {
  const style = styleOf(styleId);
  return style && measuresWithParts(style, choiceValuesOf(choices ?? {}));
}

/** Fields of a ticket that its draft depends on. */
export type TicketInputs = Pick<
  Ticket,
  'client' | 'styleId' | 'measures' | 'choices' | 'rules' | 'figures' | 'cloths'
>;

/** The ticket as an order to draft, or undefined while a required measure is missing. */
export function orderOfTicket(ticket: TicketInputs): DraftableOrder | undefined {
  const style = styleOf(ticket.styleId);
  if (!style || missingMeasures(ticket).length > 0) return undefined;
  return {
    client: { name: ticket.client.name, kind: ticket.client.kind },
    person: {
      kind: ticket.client.kind,
      from: ticket.measures.from,
      observations: ticket.measures.observations,
      values: valuesOf(ticket.measures.values),
    },
    style,
    choices: choiceValuesOf(ticket.choices ?? {}),
    allowances: {},
    rules: ruleSet(ticket.rules),
    cloths: ticket.cloths,
    figures: ticket.figures,
  };
}
