import type * as messages from '@ample-bolt/core/messages/ticket-messages';

/** What a message says, without the version that it is made on. */
type Said<Message extends messages.Versioned> = Omit<Message, keyof messages.Versioned>;

export type MeasuresChange = Said<messages.MeasuresEdit>;

/** What each change sends: only what changes, lengths as typed and with their unit. */
export interface TicketChanges {
  readonly ticket: Said<messages.TicketEdit>;
  /** Another client; the measures of the ticket go along. */
  readonly client: { readonly client: { readonly id: string } };
  readonly measures: MeasuresChange;
  readonly style: Said<messages.StyleEdit>;
  readonly choices: Said<messages.ChoicesEdit>;
  readonly cloths: Said<messages.ClothsEdit>;
  readonly rules: Said<messages.TicketRulesEdit>;
  readonly figures: Said<messages.FiguresEdit>;
  readonly 'sign-offs': Said<messages.SignOffsEdit>;
  readonly lay: Said<messages.LayEdit>;
  readonly place: Said<messages.PlaceEdit>;
  /** What a client sent from home, taken as the next set. */
  readonly home: { readonly link: string };
}

export type ChangePart = keyof TicketChanges;

/** One change of a ticket, as data: it can wait, and is made on the newest ticket whenever it goes out. */
export type TicketChange = {
  readonly [Part in ChangePart]: { readonly part: Part; readonly change: TicketChanges[Part] };
}[ChangePart] & {
  /** Whose it is, as the device was told. */
  readonly by: string;
};
