import type { DraftableOrder } from '../drafting/draft-order.ts';
import type { Cloth } from '../lay/cloth.ts';
import type { Lay } from '../lay/lay.ts';
import { measureIds, type MeasureId } from '../measures/catalogue.ts';
import type { MeasuredFrom, MeasureValues, Observations } from '../measures/measure-set.ts';
import type { ClientKind } from '../measures/plausibility.ts';
import { ruleSet, type RuleId } from '../rules/catalogue.ts';
import { styleOf } from '../styles/style-book.ts';
import type { ChoiceValues } from '../styles/style.ts';
import type { Unit } from '../units/length.ts';

/** A length with what was typed for it, so that 37 1/2 does not come back as 952.5 mm. */
export interface Entered {
  readonly mm: number;
  readonly typed: string;
}

export type EnteredById = { readonly [id: string]: Entered };

/** The measures of one person as taken for one ticket. */
export interface MeasureSet {
  readonly from: MeasuredFrom;
  readonly startLine: 'stitch' | 'cut';
  readonly observations: Observations;
  readonly values: EnteredById;
}

export interface TicketClient {
  readonly id: string;
  readonly name: string;
  readonly kind: ClientKind;
}

/** An order as the shop keeps it: inputs only; figures, pieces and marks are computed from them. */
export interface Ticket {
  readonly id: string;
  /** The short number on its stub. */
  readonly number: number;
  readonly title: string;
  readonly client: TicketClient;
  /** A calendar day, yyyy-mm-dd. */
  readonly dueOn: string;
  readonly unit: Unit;
  readonly styleId: string;
  readonly measures: MeasureSet;
  /** Null until the style was agreed with the client. */
  readonly choices: EnteredById | null;
  readonly rules: { readonly [id in RuleId]?: number };
  readonly cloths: readonly Cloth[];
  /** The chosen lay, proved when it was stored. */
  readonly lay: Lay | null;
  /** How many marks of each piece are chalked. */
  readonly chalked: { readonly [piece: string]: number };
  /** How many marks the stored lay gives; 0 without one. */
  readonly marksInAll: number;
  /** Rises with every change; a stale write is refused. */
  readonly version: number;
}

export const valuesOf = (entered: EnteredById): MeasureValues =>
  Object.fromEntries(
    measureIds.flatMap((id) => (entered[id] === undefined ? [] : [[id, entered[id].mm] as const])),
  );

export const lengthsOf = (entered: EnteredById): ChoiceValues =>
  Object.fromEntries(Object.entries(entered).map(([id, { mm }]) => [id, mm]));

/** Measures that the ticket's style requires and that are not taken yet, in taking order. */
export function missingMeasures({ styleId, measures }: Pick<Ticket, 'styleId' | 'measures'>): MeasureId[] {
  const required = styleOf(styleId)?.requires ?? [];
  return measureIds.filter((id) => required.includes(id) && measures.values[id] === undefined);
}

/** What of a ticket its draft depends on. */
export type TicketInputs = Pick<Ticket, 'client' | 'styleId' | 'measures' | 'choices' | 'rules' | 'cloths'>;

/** The ticket as an order to draft, or undefined while a required measure is missing. */
export function orderOfTicket(ticket: TicketInputs): DraftableOrder | undefined {
  const style = styleOf(ticket.styleId);
  if (!style || missingMeasures(ticket).length > 0) return undefined;
  return {
    client: { name: ticket.client.name, kind: ticket.client.kind },
    person: {
      from: ticket.measures.from,
      observations: ticket.measures.observations,
      values: valuesOf(ticket.measures.values),
    },
    style,
    choices: lengthsOf(ticket.choices ?? {}),
    allowances: {},
    rules: ruleSet(ticket.rules),
    cloths: ticket.cloths,
    figuresByHand: [],
  };
}
