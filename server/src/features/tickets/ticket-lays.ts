import { randomUUID } from 'node:crypto';
import { redrawnFaults } from '@ample-bolt/core/lay/proof/check-kept';
import { checkLay } from '@ample-bolt/core/lay/proof/check-lay';
import type { LayFault } from '@ample-bolt/core/lay/proof/lay-fault';
import { keptLay, laidLay, laidPlacements } from '@ample-bolt/core/lay/model/kept-lay';
import { laidLays } from '@ample-bolt/core/shop/laid-lays';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { layPiecesOn, type LayPiece } from '@ample-bolt/core/lay/model/layable';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import { leftBy } from '@ample-bolt/core/lay/buy/left-by';
import { reckoned, type Measuring } from '@ample-bolt/core/lay/buy/reckoned';
import { dealtOut, numberedPieces } from '@ample-bolt/core/lay/buy/together';
import type { LaidOut } from '@ample-bolt/core/lay/model/laid-out';
import { usableWidth } from '@ample-bolt/core/lay/model/cloth';
import { boundOf } from '@ample-bolt/core/lay/plan/length-bound';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { ClothSharer, KnownCloth, LayEdit } from '@ample-bolt/core/messages/ticket-messages';
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
import type { Stores } from '../../stores/stores.ts';
import { draftToCut, marksOf } from './ticket-service.ts';

/** What storing a lay reads and writes. */
type LayStores = Pick<Stores, 'tickets' | 'table'>;

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

/** A lay that a page tells: of what is doubled, the schema holds that it has two ends. */
const asTold = ({ sections, ...lay }: NonNullable<LayEdit['lay']>): LaidOut => ({
  ...lay,
  sections: sections.map(({ doubled, ...section }) => ({
    ...section,
    doubled: doubled.map(([from = 0, to = 0]) => [from, to] as const),
  })),
});

/** A lay that a page tells, of these pieces: what it comes to is not taken from the page, since cloth is bought by it. */
function readLay(told: LaidOut, role: ClothRole, ticket: Ticket, pieces: readonly LayPiece[]): Lay {
  const cloth = clothOf(ticket, role);
  if (told.role !== role)
    throw new Problem(
      422,
      'lay-of-another-cloth',
      `This is a lay of the ${told.role} cloth; plan the ${role} cloth.`,
      { field: 'lay.role' },
    );
  refuseFaults(redrawnFaults(told, pieces), ticket, role);
  const lay = { ...told, placements: laidPlacements(told.placements, pieces) };
  const polygons = lay.placements.map(({ polygon }) => polygon);
  return { ...reckoned(lay, measuringOn(cloth, ticket)), bound: boundOf(polygons, usableWidth(cloth)) };
}

const isChalked = (ticket: Ticket): boolean => progressOf(ticket).marksDone > 0;

/** A ticket with what it is cut from. */
interface ToCut {
  readonly ticket: Ticket;
  readonly draft: Draft;
}

const toCut = async (stores: Pick<Stores, 'tickets'>, ticket: Ticket): Promise<ToCut> => ({
  ticket,
  draft: await draftToCut(stores, ticket),
});

/** What of a ticket lies on its cloth of a role. */
function piecesOn({ ticket, draft }: ToCut, role: ClothRole): LayPiece[] {
  const cloth = ticket.cloths.find((each) => each.role === role);
  const lays = laidLays(ticket, draft.pieces);
  return cloth ? layPiecesOn(cloth, draft.pieces, { cloths: ticket.cloths, lays }) : [];
}

/** A ticket with a lay, only when that proves: against today's pieces and the ticket's own cloth. Null takes the cloth's lay away. */
function withLay(own: ToCut, role: ClothRole, lay: Lay | null): Partial<TicketContent> {
  const { ticket, draft } = own;
  if (lay) refuseFaults(checkLay(lay, piecesOn(own, role), clothOf(ticket, role)), ticket, role);
  const others = Object.fromEntries(Object.entries(ticket.lays).filter(([each]) => each !== role));
  // Another lay, though every piece should lie where it did: what was chalked on the one before is rubbed out.
  const lays: Lays = lay ? { ...others, [role]: { ...keptLay(lay), id: randomUUID() } } : others;
  return { lays, marksInAll: marksOf(ticket, draft, lays).length };
}

/** Tickets that were laid with some that now lie elsewhere: what is theirs stays where it is, without those beside it. */
async function leftBehind(
  stores: LayStores,
  role: ClothRole,
  going: readonly Ticket[],
): Promise<TicketChange[]> {
  const gone = going.map(({ id }) => id);
  const left = await stores.tickets.byIds(await stores.tickets.beside(role, gone));
  const changes = left.map(async (ticket): Promise<TicketChange[]> => {
    const [kept, cloth] = [ticket.lays[role], ticket.cloths.find((each) => each.role === role)];
    if (!kept || !cloth || gone.includes(ticket.id)) return [];
    if (!kept.beside?.some((each) => gone.includes(each.ticket))) return [];
    const lay = laidLay(kept, piecesOn(await toCut(stores, ticket), role));
    const without = keptLay(leftBy(lay, ticket, gone, measuringOn(cloth, ticket)));
    // What was drawn otherwise since still is: the lay does not come to hold by that.
    const lays = { ...ticket.lays, [role]: { ...without, drawn: kept.drawn } };
    return [{ ticket, on: { version: ticket.version }, change: { lays } }];
  });
  return (await Promise.all(changes)).flat();
}

/** Stores a lay; one that other tickets share is dealt out to all of them, or to none. */
export async function setLay(
  stores: LayStores,
  id: string,
  { role, lay: told, others = [], ...on }: LayEdit,
): Promise<Ticket> {
  const ticket = await ticketById(stores, id);
  const own = await toCut(stores, ticket);
  if (!told || others.length === 0) {
    const lay = told && readLay(asTold(told), role, ticket, piecesOn(own, role));
    const change = withLay(own, role, lay);
    const left = await leftBehind(stores, role, [ticket]);
    if (left.length === 0) return changeTicket(stores, ticket, on, change);
    await changeTickets(stores, [{ ticket, on, change }, ...left]);
    return ticketById(stores, id);
  }
  const sharers = await Promise.all(
    others.map(async ({ id: other, version }) => ({
      ticket: await ticketById(stores, other),
      on: { version },
    })),
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
  const all = [
    { ...own, on },
    ...(await Promise.all(
      sharers.map(async (sharer) => ({ ...(await toCut(stores, sharer.ticket)), on: sharer.on })),
    )),
  ];
  const pieces = [
    ...piecesOn(own, role),
    ...all.slice(1).flatMap((sharer) => numberedPieces(sharer.ticket.number, piecesOn(sharer, role))),
  ];
  const lay = readLay(asTold(told), role, ticket, pieces);
  const dealt = dealtOut(
    lay,
    ticket,
    sharers.map((sharer) => sharer.ticket),
  );
  const shared = all.map(({ on, ...sharer }) => {
    const share = dealt.find((each) => each.ticket === sharer.ticket.id)?.lay ?? null;
    return { ticket: sharer.ticket, on, change: withLay(sharer, role, share) };
  });
  const left = await leftBehind(
    stores,
    role,
    all.map((sharer) => sharer.ticket),
  );
  await changeTickets(stores, [...shared, ...left]);
  return ticketById(stores, id);
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

/** The other tickets that are cut from the same cloth and can be drafted. */
export async function clothSharers(
  stores: Pick<Stores, 'tickets'>,
  id: string,
  role: ClothRole,
): Promise<ClothSharer[]> {
  const ticket = await ticketById(stores, id);
  const cloth = ticket.cloths.find((each) => each.role === role);
  if (cloth?.bolt === undefined) return [];
  return (await stores.tickets.byIds(await stores.tickets.onBolt(role, cloth.bolt)))
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

/** The bolts that other tickets are cut from in a role, as the newest of those has them: one of them can be this ticket's too. */
export async function knownCloths(
  stores: Pick<Stores, 'tickets'>,
  id: string,
  role: ClothRole,
): Promise<KnownCloth[]> {
  const ticket = await ticketById(stores, id);
  const known = new Map<string, KnownCloth>();
  for (const { number, cloth } of await stores.tickets.boltsInUse(role)) {
    if (number === ticket.number || cloth.bolt === undefined) continue;
    known.set(cloth.bolt, { cloth, tickets: [...(known.get(cloth.bolt)?.tickets ?? []), number] });
  }
  return [...known.values()].reverse();
}

/** What of a ticket lies on its cloth of a role, numbered so that it can lie beside that of others. */
export async function sharedPieces(
  stores: Pick<Stores, 'tickets'>,
  id: string,
  role: ClothRole,
): Promise<LayPiece[]> {
  const ticket = await ticketById(stores, id);
  return numberedPieces(ticket.number, piecesOn(await toCut(stores, ticket), role));
}

/** Refuses a lay with what is wrong with it. */
function refuseFaults(faults: readonly LayFault[], { unit }: Ticket, role: ClothRole): void {
  if (faults.length === 0) return;
  const first = faults.slice(0, 3).map((fault) => layFaultWords(fault, unit));
  throw new Problem(422, 'lay-not-proved', `${first.join(' ')} Plan the ${role} cloth again.`, {
    field: 'lay',
    extra: { faults },
  });
}
