import { randomUUID } from 'node:crypto';
import { checkLay } from '@ample-bolt/core/lay/proof/check-lay';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { layPiecesOn, type LayPiece } from '@ample-bolt/core/lay/model/layable';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import { leftBy } from '@ample-bolt/core/lay/buy/left-by';
import { reckoned, type Measuring } from '@ample-bolt/core/lay/buy/reckoned';
import { dealtOut, numberedPieces, type Sharer } from '@ample-bolt/core/lay/buy/together';
import type { LaidOut } from '@ample-bolt/core/lay/model/laid-out';
import { usableWidth } from '@ample-bolt/core/lay/model/cloth';
import { boundOf } from '@ample-bolt/core/lay/plan/length-bound';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { layFaultWords } from '@ample-bolt/core/words/lay-fault-words';
import { purchaseUnit } from '@ample-bolt/core/lay/buy/buying';
import { progressOf } from '@ample-bolt/core/shop/ticket-gist';
import { orderOfTicket, type Lays, type Ticket, type TicketContent } from '@ample-bolt/core/shop/ticket';
import { Problem } from '../../http/problem.ts';
import {
  changeTicket,
  changeTickets,
  shareChanged,
  ticketById,
  type TicketChange,
} from './ticket-changes.ts';
import { boltsInUse, ticketsBeside, ticketsOnBolt } from './ticket-list.ts';
import { ticketsById } from './ticket-repository.ts';
import type { LayEdit } from './ticket-schemas.ts';
import { draftToCut, marksOf } from './ticket-service.ts';

/** By what a lay on a ticket's cloth is reckoned. */
const measuringOn = (cloth: Cloth, { rules, unit }: Ticket): Measuring => ({
  cloth,
  shrinkPercent: ruleSet(rules)['cloth.shrinkage'],
  buyIn: purchaseUnit(unit),
});

function clothOf(ticket: Ticket, role: ClothRole): Cloth {
  const cloth = ticket.cloths.find((each) => each.role === role);
  if (!cloth)
    throw new Problem(422, 'no-cloth', `The ticket has no ${role} cloth; add it first.`, { field: 'cloths' });
  return cloth;
}

/** A lay that a page tells: what it comes to is not taken from the page, since cloth is bought by it. */
function readLay(told: LaidOut, role: ClothRole, ticket: Ticket): Lay {
  const cloth = clothOf(ticket, role);
  if (told.role !== role)
    throw new Problem(
      422,
      'lay-of-another-cloth',
      `This is a lay of the ${told.role} cloth; plan the ${role} cloth.`,
      { field: 'lay.role' },
    );
  const polygons = told.placements.map(({ polygon }) => polygon);
  return { ...reckoned(told, measuringOn(cloth, ticket)), bound: boundOf(polygons, usableWidth(cloth)) };
}

const isChalked = (ticket: Ticket): boolean => progressOf(ticket).marksDone > 0;

/** A ticket with a lay, only when that proves: against today's pieces and the ticket's own cloth. Null takes the cloth's lay away. */
async function withLay(ticket: Ticket, role: ClothRole, lay: Lay | null): Promise<Partial<TicketContent>> {
  const draft = await draftToCut(ticket);
  if (lay) proveLay(ticket, draft, lay);
  const others = Object.fromEntries(Object.entries(ticket.lays).filter(([each]) => each !== role));
  // Another lay, though every piece should lie where it did: what was chalked on the one before is rubbed out.
  const lays: Lays = lay ? { ...others, [role]: { ...lay, id: randomUUID() } } : others;
  return { lays, marksInAll: marksOf(ticket, draft, lays).length };
}

/** Tickets that were laid with some that now lie elsewhere: what is theirs stays where it is, without those beside it. */
async function leftBehind(role: ClothRole, going: readonly Ticket[]): Promise<TicketChange[]> {
  const gone = going.map(({ id }) => id);
  const left = await ticketsById(await ticketsBeside(role, gone));
  return left.flatMap((ticket): TicketChange[] => {
    const [lay, cloth] = [ticket.lays[role], ticket.cloths.find((each) => each.role === role)];
    if (!lay || !cloth || gone.includes(ticket.id)) return [];
    if (!lay.beside?.some((each) => gone.includes(each.ticket))) return [];
    const lays = { ...ticket.lays, [role]: leftBy(lay, ticket, gone, measuringOn(cloth, ticket)) };
    return [{ ticket, on: { version: ticket.version }, change: { lays } }];
  });
}

/** Stores a lay; one that other tickets share is dealt out to all of them, or to none. */
export async function setLay(id: string, { role, lay: told, others = [], ...on }: LayEdit): Promise<Ticket> {
  const ticket = await ticketById(id);
  const lay = told && readLay(told, role, ticket);
  if (!lay || others.length === 0) {
    const change = await withLay(ticket, role, lay);
    const left = await leftBehind(role, [ticket]);
    if (left.length === 0) return changeTicket(ticket, on, change);
    await changeTickets([{ ticket, on, change }, ...left]);
    return ticketById(id);
  }
  const sharers = await Promise.all(
    others.map(async ({ id: other, version }) => ({ ticket: await ticketById(other), on: { version } })),
  );
  const changed = sharers.find((sharer) => sharer.ticket.version !== sharer.on.version)?.ticket;
  if (changed) throw shareChanged(changed);
  const chalked = sharers.find((sharer) => isChalked(sharer.ticket))?.ticket;
  if (chalked)
    throw new Problem(
      422,
      'being-chalked',
      `Nº ${chalked.number} is being chalked; its lay stays. Leave it out.`,
      {
        field: 'others',
      },
    );
  const all = [{ ticket, on }, ...sharers];
  const dealt = dealtOut(
    lay,
    ticket,
    sharers.map((sharer) => sharer.ticket),
  );
  const shared = await Promise.all(
    all.map(async (sharer) => {
      const share = dealt.find((each) => each.ticket === sharer.ticket.id)?.lay ?? null;
      return { ...sharer, change: await withLay(sharer.ticket, role, share) };
    }),
  );
  const left = await leftBehind(
    role,
    all.map((sharer) => sharer.ticket),
  );
  await changeTickets([...shared, ...left]);
  return ticketById(id);
}

/** Whether a cloth is the same as another one as far as laying goes: of one bolt, as wide, its nap alike, and neither pinned under another. */
const isSameCloth = (a: Cloth, b: Cloth): boolean =>
  !a.under &&
  !b.under &&
  a.role === b.role &&
  a.bolt !== undefined &&
  a.bolt === b.bolt &&
  Math.abs(a.width - b.width) < 0.5 &&
  Math.abs(a.selvedge - b.selvedge) < 0.5 &&
  a.oneWay === b.oneWay;

/** A ticket whose cloth is the same, so that both can be laid together. */
export interface ClothSharer extends Sharer, Pick<Ticket, 'title' | 'client' | 'version'> {
  /** Its lay stays as it is. */
  readonly chalked: boolean;
}

/** The other tickets that are cut from the same cloth and can be drafted. */
export async function clothSharers(id: string, role: ClothRole): Promise<ClothSharer[]> {
  const ticket = await ticketById(id);
  const cloth = ticket.cloths.find((each) => each.role === role);
  if (cloth?.bolt === undefined) return [];
  return (await ticketsById(await ticketsOnBolt(role, cloth.bolt)))
    .filter(
      (other) =>
        other.id !== ticket.id &&
        other.cloths.some((each) => isSameCloth(each, cloth)) &&
        orderOfTicket(other) !== undefined,
    )
    .map((other) => ({
      id: other.id,
      number: other.number,
      title: other.title,
      client: other.client,
      version: other.version,
      chalked: isChalked(other),
    }));
}

/** A cloth that is on other tickets already, with their numbers. */
export interface KnownCloth {
  readonly cloth: Cloth;
  readonly tickets: readonly number[];
}

/** The bolts that other tickets are cut from in a role, as the newest of those has them: one of them can be this ticket's too. */
export async function knownCloths(id: string, role: ClothRole): Promise<KnownCloth[]> {
  const ticket = await ticketById(id);
  const known = new Map<string, KnownCloth>();
  for (const { number, cloth } of await boltsInUse(role)) {
    if (number === ticket.number || cloth.bolt === undefined) continue;
    known.set(cloth.bolt, { cloth, tickets: [...(known.get(cloth.bolt)?.tickets ?? []), number] });
  }
  return [...known.values()].reverse();
}

/** What of a ticket lies on its cloth of a role, numbered so that it can lie beside that of others. */
export async function sharedPieces(id: string, role: ClothRole): Promise<LayPiece[]> {
  const ticket = await ticketById(id);
  const cloth = ticket.cloths.find((each) => each.role === role);
  if (!cloth) return [];
  return numberedPieces(ticket.number, layPiecesOn(cloth, (await draftToCut(ticket)).pieces, ticket));
}

function proveLay(ticket: Ticket, draft: Draft, lay: Lay): void {
  const cloth = clothOf(ticket, lay.role);
  const faults = checkLay(lay, layPiecesOn(cloth, draft.pieces, ticket), cloth);
  if (faults.length === 0) return;
  const first = faults.slice(0, 3).map((fault) => layFaultWords(fault, ticket.unit));
  throw new Problem(422, 'lay-not-proved', `${first.join(' ')} Plan the ${lay.role} cloth again.`, {
    field: 'lay',
    extra: { faults },
  });
}
