import { chalkAll } from '@ample-bolt/core/chalk/chalk-piece';
import { draftOrder } from '@ample-bolt/core/drafting/draft-order';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { checkLay } from '@ample-bolt/core/lay/check-lay';
import { layPieceOf } from '@ample-bolt/core/lay/layable';
import type { Lay } from '@ample-bolt/core/lay/lay';
import { progressOf, type TicketProgress } from '@ample-bolt/core/shop/stations';
import { orderOfTicket, type Ticket } from '@ample-bolt/core/shop/ticket';
import { notFound, Problem } from '../../http/problem.ts';
import { createClient, findClient } from '../clients/client-repository.ts';
import { knownStyle, readChoiceEntries, readClothEntries, readMeasureEntries } from './read-edits.ts';
import {
  changeTicket,
  createTicket,
  findTicket,
  listTickets,
  type TicketChange,
} from './ticket-repository.ts';
import type {
  ChalkEdit,
  ChoicesEdit,
  ClothsEdit,
  LayEdit,
  MeasuresEdit,
  NewTicket,
  TicketEdit,
} from './ticket-schemas.ts';

/** What lists show of a ticket. */
export interface TicketSummary extends Pick<
  Ticket,
  'id' | 'number' | 'title' | 'client' | 'dueOn' | 'styleId'
> {
  readonly cloth: { readonly name: string; readonly colour: string } | null;
  readonly buy: Lay['buy'] | null;
  readonly progress: TicketProgress;
}

export async function ticketSummaries(): Promise<TicketSummary[]> {
  return (await listTickets()).map((ticket) => {
    const { id, number, title, client, dueOn, styleId, cloths, lay } = ticket;
    const [cloth] = cloths;
    return {
      id,
      number,
      title,
      client,
      dueOn,
      styleId,
      cloth: cloth ? { name: cloth.name, colour: cloth.colour } : null,
      buy: lay?.buy ?? null,
      progress: progressOf(ticket),
    };
  });
}

export async function ticketById(id: string): Promise<Ticket> {
  const ticket = await findTicket(id);
  if (!ticket) throw notFound('ticket');
  return ticket;
}

export async function openTicket({ client, ...ticket }: NewTicket): Promise<Ticket> {
  knownStyle(ticket.styleId);
  const owner =
    'id' in client
      ? await findClient(client.id)
      : await createClient({ name: client.name.trim(), kind: client.kind });
  if (!owner)
    throw new Problem(
      422,
      'unknown-client',
      'There is no such client; choose one from the list or write a new name.',
      { field: 'client' },
    );
  return ticketById(await createTicket({ ...ticket, title: ticket.title.trim(), clientId: owner.id }));
}

/** Writes a change made on `version`, or answers 409 with the ticket as it is now. */
async function write(id: string, version: number, change: TicketChange): Promise<Ticket> {
  if (await changeTicket(id, version, change)) return ticketById(id);
  const current = await ticketById(id);
  throw new Problem(
    409,
    'stale',
    'This ticket was changed elsewhere in the meantime; look at the newer version and enter yours again.',
    { extra: { current } },
  );
}

export const editTicket = (id: string, { version, ...change }: TicketEdit): Promise<Ticket> =>
  write(id, version, change);

export async function setMeasures(
  id: string,
  { version, values, ...conditions }: MeasuresEdit,
): Promise<Ticket> {
  const { unit } = await ticketById(id);
  return write(id, version, { measures: { ...conditions, values: readMeasureEntries(values, unit) } });
}

export async function setChoices(id: string, { version, choices }: ChoicesEdit): Promise<Ticket> {
  const { unit, styleId } = await ticketById(id);
  return write(id, version, { choices: readChoiceEntries(styleId, choices, unit) });
}

export async function setCloths(id: string, { version, cloths }: ClothsEdit): Promise<Ticket> {
  const { unit } = await ticketById(id);
  return write(id, version, { cloths: readClothEntries(cloths, unit) });
}

/** The draft of a ticket, or 422 with the first thing that keeps it from being drafted. */
export function draftTicket(ticket: Ticket): Draft {
  const order = orderOfTicket(ticket);
  if (!order)
    throw new Problem(422, 'not-measured', 'Required measures are missing; take them first.', {
      field: 'measures',
    });
  return draftOrder(order);
}

export const marksOf = (ticket: Ticket, draft: Draft, lay: Lay | null) =>
  chalkAll(draft.pieces, ticket.measures.startLine, lay);

/** Stores a lay only when it proves: against today's pieces and the ticket's own cloth. */
export async function setLay(id: string, { version, lay }: LayEdit): Promise<Ticket> {
  if (lay === null) return write(id, version, { lay, marksInAll: 0, chalked: {} });
  const ticket = await ticketById(id);
  const draft = draftTicket(ticket);
  const cloth = ticket.cloths.find(({ role }) => role === lay.role);
  if (!cloth)
    throw new Problem(422, 'no-cloth', `The ticket has no ${lay.role} cloth; add it first.`, {
      field: 'cloths',
    });
  const faults = checkLay(
    lay,
    draft.pieces.filter(({ piece }) => piece.role === lay.role).map(layPieceOf),
    cloth,
  );
  if (faults.length > 0) {
    throw new Problem(422, 'lay-not-proved', `This lay does not hold: ${faults.map(({ code, pieces }) => `${code} ${pieces.join(', ')}`).slice(0, 3).join('; ')}. Plan it again.`, { field: 'lay', extra: { faults } }); // prettier-ignore
  }
  return write(id, version, { lay, marksInAll: marksOf(ticket, draft, lay).length, chalked: {} });
}

export const setChalk = (id: string, { version, chalked }: ChalkEdit): Promise<Ticket> =>
  write(id, version, { chalked });
