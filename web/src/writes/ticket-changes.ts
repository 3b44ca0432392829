import type { ClothFile } from '@ample-bolt/core/formats/order/order-file';
import type { LaidOut } from '@ample-bolt/core/lay/model/laid-out';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { SignOff } from '@ample-bolt/core/shop/sign-off';
import type { MeasureSet, Ticket } from '@ample-bolt/core/shop/ticket';

type Typed = { readonly [id: string]: string };

/** What changes of a set of measures; what is left out stays, and a length that is sent empty is taken away. */
export type MeasuresChange = Partial<Pick<MeasureSet, 'from' | 'startLine' | 'takenBy' | 'undergarment'>> & {
  readonly observations?: Partial<MeasureSet['observations']>;
  readonly takenOn?: string;
  readonly values?: Typed;
  readonly garment?: { readonly values?: Typed; readonly pleats?: number };
  /** Measured anew: the set as it stands stays with the client. */
  readonly anew?: true;
};

/** What each change sends: only what changes, lengths as typed and with their unit. */
export interface TicketChanges {
  readonly ticket: Partial<Pick<Ticket, 'state' | 'title' | 'dueOn' | 'unit' | 'remarks'>>;
  /** Another client; the measures of the ticket go along. */
  readonly client: { readonly client: { readonly id: string } };
  readonly measures: MeasuresChange;
  readonly style: Pick<Ticket, 'styleId'> & { readonly keepParts?: boolean };
  readonly choices: { readonly choices: Typed };
  /** Each in the place of the one of its role; `without` takes one away. */
  readonly cloths: { readonly cloths: readonly ClothFile[]; readonly without?: readonly ClothRole[] };
  readonly rules: { readonly rules: { readonly [id: string]: string | null } };
  readonly figures: {
    readonly figures: { readonly [id: string]: { readonly value: string; readonly why: string } | null };
  };
  readonly 'sign-offs': { readonly signedOff: { readonly [key: string]: SignOff | null } };
  readonly lay: {
    readonly role: ClothRole;
    readonly lay: LaidOut | null;
    /** Tickets whose pieces are in it too. */
    readonly others?: readonly Pick<Ticket, 'id' | 'version'>[];
  };
  readonly place: { readonly place: number };
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
