import { chalkAll } from '@ample-bolt/core/chalk/chalk-piece';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import { draftOrder } from '@ample-bolt/core/drafting/draft-order';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { checkLay } from '@ample-bolt/core/lay/check-lay';
import { layPieceOf } from '@ample-bolt/core/lay/layable';
import type { DraftStanding } from '@ample-bolt/core/shop/stations';
import { orderOfTicket, type Ticket, type TicketInputs } from '@ample-bolt/core/shop/ticket';
import { expose } from 'comlink';

/** All that follows from a ticket's inputs. */
export interface DraftedTicket {
  readonly draft: Draft;
  readonly marks: readonly Mark[];
  /** What the choices come to, defaults filled in, mm. */
  readonly chosen: { readonly [id: string]: number };
  readonly standing: DraftStanding;
}

/** A ticket's inputs, and the lay that was chosen for them. */
export type TicketToDraft = TicketInputs & Pick<Ticket, 'lay'>;

/** A lay is stale when it no longer proves against today's pieces and cloth. */
function isStale({ lay, cloths }: TicketToDraft, draft: Draft): boolean {
  if (!lay) return false;
  const cloth = cloths.find(({ role }) => role === lay.role);
  return (
    !cloth ||
    checkLay(lay, draft.pieces.filter(({ piece }) => piece.role === lay.role).map(layPieceOf), cloth).length >
      0
  );
}

/** Takes JSON, because the page compares inputs as JSON too. Undefined while a required measure is missing. */
function draftTicket(inputs: string): DraftedTicket | undefined {
  const ticket = JSON.parse(inputs) as TicketToDraft;
  const order = orderOfTicket(ticket);
  if (!order) return undefined;
  const draft = draftOrder(order);
  return {
    draft,
    marks: chalkAll(draft.pieces, ticket.measures.startLine, ticket.lay),
    chosen: order.style.chosen(order),
    standing: {
      stopped: draft.findings.some(({ severity }) => severity === 'stop'),
      layStale: isStale(ticket, draft),
    },
  };
}

const api = { draftTicket };
export type DraftingApi = typeof api;
expose(api);
