import { chalkLaid } from '@ample-bolt/core/chalk/chalk-piece';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import { draftOrder } from '@ample-bolt/core/shop/draft-order';
import type { Draft, WornPart } from '@ample-bolt/core/drafting/draft';
import { checkLay } from '@ample-bolt/core/lay/proof/check-lay';
import { layPiecesOn } from '@ample-bolt/core/lay/model/layable';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { openStops } from '@ample-bolt/core/shop/sign-off';
import type { DraftStanding } from '@ample-bolt/core/shop/stations';
import { chalkMannerOf, orderOfTicket, type Ticket, type TicketInputs } from '@ample-bolt/core/shop/ticket';
import type { ChoiceValues } from '@ample-bolt/core/garment/choice';
import { bookInput } from '@ample-bolt/core/styles/book-figure';
import { recipeOf } from '@ample-bolt/core/styles/recipe-book';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import { expose } from 'comlink';

/** All that follows from a ticket's inputs. */
export interface DraftedTicket {
  readonly draft: Draft;
  readonly marks: readonly Mark[];
  /** What the choices come to, defaults filled in, mm. */
  readonly chosen: ChoiceValues;
  readonly standing: DraftStanding;
  /** Cloths whose lay no longer proves against today's pieces. */
  readonly staleLays: readonly ClothRole[];
}

/** A ticket's inputs, what was signed off, and the lays that were chosen for them. */
export type TicketToDraft = TicketInputs & Pick<Ticket, 'lays' | 'signedOff'>;

/** A lay is stale when it no longer proves against today's pieces and cloth. */
function isStale(lay: Lay, { cloths, lays }: TicketToDraft, draft: Draft): boolean {
  const cloth = cloths.find(({ role }) => role === lay.role);
  return !cloth || checkLay(lay, layPiecesOn(cloth, draft.pieces, { cloths, lays }), cloth).length > 0;
}

/**
 * Takes JSON, because the page compares inputs as JSON too. `frozen` holds the pieces under the chalk, which then stand
 * for a new draft. Undefined while a required measure is missing.
 */
function draftTicket(inputs: string, frozen?: Draft): DraftedTicket | undefined {
  const ticket = JSON.parse(inputs) as TicketToDraft;
  const order = orderOfTicket(ticket);
  if (!order) return undefined;
  const draft = frozen ?? draftOrder(order);
  const lays = Object.values(ticket.lays);
  const staleLays = lays.filter((lay) => isStale(lay, ticket, draft)).map(({ role }) => role);
  return {
    draft,
    marks: chalkLaid(draft.pieces, chalkMannerOf(ticket), lays, ticket.cloths),
    chosen: recipeOf(order.style).chosen(order),
    standing: {
      stopped: openStops(draft.findings, ticket.signedOff).length > 0,
      layStale: staleLays.length > 0,
    },
    staleLays,
  };
}

/** How a style of the book hangs, on an ordinary figure. */
const drawStyle = (styleId: string): readonly WornPart[] => {
  const style = styleOf(styleId);
  return style ? recipeOf(style).draft(bookInput).worn : [];
};

const api = { draftTicket, drawStyle };
export type DraftingApi = typeof api;
expose(api);
