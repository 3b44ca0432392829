import { randomUUID } from 'node:crypto';
import { pieceOfCut } from '@ample-bolt/core/shop/cut-id';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { changedPieces } from '@ample-bolt/core/shop/changed-pieces';
import { compareContents } from '@ample-bolt/core/shop/compare-contents';
import { openStops } from '@ample-bolt/core/shop/sign-off';
import {
  areSameLays,
  eventsTowards,
  layIdsOf,
  type Stamp,
  type TableEvent,
  type TableWork,
} from '@ample-bolt/core/shop/table-event';
import type { Versioned } from '@ample-bolt/core/messages/ticket-messages';
import { orderOfTicket, type Ticket, type TicketContent } from '@ample-bolt/core/shop/ticket';
import { coreVersion } from '@ample-bolt/core/version';
import { stepWords } from '@ample-bolt/core/words/change-words';
import { pieceName } from '@ample-bolt/core/words/names';
import { drafted } from '../../drafting/drafting.ts';
import { notFound, Problem } from '../../http/problem.ts';
import type { Stores } from '../../stores/stores.ts';
import type { Freezing, Step, VersionedWrite } from '../../stores/ticket-store.ts';

/** What a change of a ticket reads and writes. */
type TicketStores = Pick<Stores, 'tickets' | 'table'>;

export async function ticketById({ tickets }: Pick<Stores, 'tickets'>, id: string): Promise<Ticket> {
  const ticket = await tickets.find(id);
  if (!ticket) throw notFound('ticket');
  return ticket;
}

/** What of a ticket its changes are made on. */
export const contentOf = (ticket: Ticket): TicketContent => ({
  state: ticket.state,
  title: ticket.title,
  styleId: ticket.styleId,
  dueOn: ticket.dueOn,
  unit: ticket.unit,
  remarks: ticket.remarks,
  measures: ticket.measures,
  choices: ticket.choices,
  rules: ticket.rules,
  figures: ticket.figures,
  signedOff: ticket.signedOff,
  cloths: ticket.cloths,
  lays: ticket.lays,
  chalked: ticket.chalked,
  marksInAll: ticket.marksInAll,
  cut: ticket.cut,
});

export const stale = (current: Ticket): Problem =>
  new Problem(
    409,
    'stale',
    'This ticket was changed elsewhere in the meantime; look at the newer version and enter yours again.',
    { extra: { current } },
  );

/** Marks events as made at this moment. */
export const stamp =
  (by: string, at = new Date().toISOString()) =>
  (): Stamp => ({ id: randomUUID(), at, by });

/** A piece that is under the chalk, and how far. */
interface TouchedPiece {
  readonly piece: string;
  readonly chalked: number;
  readonly cut: boolean;
}

function touchedWords(touched: readonly TouchedPiece[]): string {
  const names = (pieces: readonly TouchedPiece[]) =>
    pieces.map(({ piece }) => pieceName(piece).toLowerCase()).join(', ');
  const [cut, chalked] = [touched.filter((each) => each.cut), touched.filter((each) => !each.cut)];
  return [
    cut.length > 0 ? `Already cut: ${names(cut)}.` : '',
    chalked.length > 0 ? `Already chalked: ${names(chalked)}.` : '',
  ]
    .filter(Boolean)
    .join(' ');
}

const withoutPieces = ({ chalked, cut }: TableWork, pieces: readonly string[]): TableWork => ({
  chalked: Object.fromEntries(Object.entries(chalked).filter(([piece]) => !pieces.includes(piece))),
  cut: cut.filter((id) => !pieces.includes(pieceOfCut(id))),
});

export const hasChalk = ({ chalked, cut }: TableWork): boolean =>
  cut.length > 0 || Object.values(chalked).some((count) => count > 0);

export async function draftOf(ticket: Ticket, content: TicketContent): Promise<Draft | undefined> {
  const order = orderOfTicket({ ...ticket, ...content });
  return order && drafted(order);
}

const stopsOf = async (ticket: Ticket, content: TicketContent): Promise<number> =>
  openStops((await draftOf(ticket, content))?.findings ?? [], content.signedOff).length;

/**
 * Holds a change against the pieces that are being chalked. One that redraws a piece under the chalk is refused with
 * 423, saying what was chalked and cut, unless it was released; then that piece's chalk is dropped.
 */
async function heldToFrozen(
  { tickets }: TicketStores,
  ticket: Ticket,
  next: TicketContent,
  release: boolean,
): Promise<{ content: TicketContent; freezing: Freezing; rubbed: readonly TableEvent[] }> {
  const as = (freezing: Freezing) => ({ content: next, freezing, rubbed: [] });
  const frozen = ticket.frozen ? await tickets.frozen(ticket.id) : undefined;
  if (!frozen) {
    const draft = hasChalk(next) ? await draftOf(ticket, next) : undefined;
    return as(draft ? { core: coreVersion, draft } : 'as-is');
  }
  if (!redraws(ticket, next)) return as(hasChalk(next) ? 'as-is' : 'thaw');
  const draft = await draftOf(ticket, next);
  const changed = changedPieces(frozen.pieces, draft?.pieces ?? []);
  const touched = touchedPieces(ticket, next, changed);
  if (touched.length > 0 && !release)
    throw new Problem(
      423,
      'frozen',
      `Chalking has begun, and this would draw pieces anew. ${touchedWords(touched)}`,
      { extra: { touched, changed } },
    );
  const left = withoutPieces(next, changed);
  const frozenAnew = changed.length > 0 && draft ? { core: coreVersion, draft } : 'as-is';
  return {
    content: { ...next, ...left },
    freezing: hasChalk(left) ? frozenAnew : 'thaw',
    rubbed: eventsTowards(next.lays, next, left, stamp('')),
  };
}

/** Pieces under the chalk that would be drawn anew, or that would lie on no cloth any more. */
function touchedPieces(ticket: TableWork, next: TableWork, changed: readonly string[]): TouchedPiece[] {
  const chalked = Object.keys(ticket.chalked).filter((piece) => (ticket.chalked[piece] ?? 0) > 0);
  const under = new Set([...chalked, ...ticket.cut.map(pieceOfCut)]);
  const pieces = [...changed.filter((piece) => under.has(piece)), ...under];
  const isKept = (piece: string) => next.chalked[piece] !== undefined || next.cut.includes(piece);
  return [...new Set(pieces)]
    .filter((piece) => changed.includes(piece) || !isKept(piece))
    .map((piece) => ({ piece, chalked: ticket.chalked[piece] ?? 0, cut: ticket.cut.includes(piece) }));
}

/** Whether a change touches anything that a draft depends on. */
const redraws = (ticket: Ticket, next: TicketContent): boolean =>
  isOtherwise(ticket, next, ['styleId', 'measures', 'choices', 'rules', 'figures']) ||
  joinsOf(ticket) !== joinsOf(next);

/** Which pieces are cut with a join or from another cloth, as a text to compare; what else is known of a cloth draws nothing anew. */
const joinsOf = ({ cloths }: Pick<TicketContent, 'cloths'>): string =>
  JSON.stringify(cloths.map(({ role, joined = [], takes = [] }) => [role, joined, takes]));

/** Parts of a ticket that its findings depend on. */
const findingInputs = ['styleId', 'measures', 'choices', 'rules', 'figures', 'cloths', 'signedOff'] as const;

const isOtherwise = <Part extends keyof TicketContent>(
  ticket: TicketContent,
  next: TicketContent,
  parts: readonly Part[],
): boolean => parts.some((part) => JSON.stringify(ticket[part]) !== JSON.stringify(next[part]));

/** A content with what is chalked and cut on its lays. */
async function withWork(
  { table }: TicketStores,
  ticket: Ticket,
  next: TicketContent,
): Promise<TicketContent> {
  const [own, lays] = [layIdsOf(ticket.lays), layIdsOf(next.lays)];
  const { chalked, cut } = areSameLays(own, lays) ? ticket : await table.workOn(ticket.id, lays);
  return { ...next, chalked, cut };
}

/** What is to be written of content made on a version; nothing where there is no step. */
async function writeOf(
  stores: TicketStores,
  ticket: Ticket,
  { version, release = false, by = '' }: Versioned,
  wanted: TicketContent,
  stepFor: (content: TicketContent) => Step | undefined,
): Promise<VersionedWrite[]> {
  if (ticket.version !== version) throw stale(ticket);
  const next = await withWork(stores, ticket, wanted);
  const { content, freezing, rubbed } = await heldToFrozen(stores, ticket, next, release);
  const step = stepFor(content);
  if (!step) return [];
  const stops = isOtherwise(ticket, content, findingInputs) ? await stopsOf(ticket, content) : undefined;
  const { id, tableVersion } = ticket;
  return [{ id, version, tableVersion, by, write: { content, stops, step, freezing, rubbed } }];
}

/** A ticket that shares a cloth is otherwise by now. */
export const shareChanged = ({ number }: Ticket): Problem =>
  new Problem(
    422,
    'share-changed',
    `Nº ${number} was changed in the meantime; look at it and lay them again.`,
    {
      field: 'others',
    },
  );

/** Marks that are chalked while a change is made come first, and it is made anew on them; so often at most. */
const MOST_TRIES = 20;

/** Makes writes of tickets as they are and writes all or none: answers 409 where the first, which is the one on screen, is otherwise by now. */
async function writeAll(stores: TicketStores, make: () => Promise<readonly VersionedWrite[]>): Promise<void> {
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const writes = await make();
    const overtaken = await stores.tickets.write(writes);
    if (!overtaken) return;
    if (overtaken.by === 'table') continue;
    const ticket = await ticketById(stores, overtaken.id);
    throw overtaken.id === writes[0]?.id ? stale(ticket) : shareChanged(ticket);
  }
  throw new Problem(503, 'busy', 'The table is being chalked just now; try again.');
}

/** A change that can be undone, of a ticket as it is at a version. */
export interface TicketChange {
  readonly ticket: Ticket;
  readonly on: Versioned;
  readonly change: Partial<TicketContent>;
}

/** The step that a change makes; one that changes nothing makes none. */
const newStep =
  (before: TicketContent) =>
  (content: TicketContent): Step | undefined => {
    const changes = compareContents(before, content);
    return changes.length === 0 && JSON.stringify(before) === JSON.stringify(content)
      ? undefined
      : { kind: 'new', what: stepWords(changes, content.styleId, content.unit), before };
  };

/** Changes of several tickets, all or none; each is a step of its own ticket. One that changes nothing is not written. */
export function changeTickets(stores: TicketStores, changes: readonly TicketChange[]): Promise<void> {
  return writeAll(stores, async () => {
    const writes: VersionedWrite[] = [];
    for (const { ticket, on, change } of changes) {
      const now = await ticketById(stores, ticket.id);
      const before = contentOf(now);
      writes.push(...(await writeOf(stores, now, on, { ...before, ...change }, newStep(before))));
    }
    return writes;
  });
}

/** A change that can be undone. */
export async function changeTicket(
  stores: TicketStores,
  ticket: Ticket,
  on: Versioned,
  change: Partial<TicketContent>,
): Promise<Ticket> {
  await changeTickets(stores, [{ ticket, on, change }]);
  return ticketById(stores, ticket.id);
}

/** Goes to a step of the history. What is chalked and cut follows the lays of that step. */
export async function goToStep(
  stores: TicketStores,
  { id }: Ticket,
  on: Versioned,
  place: number,
  there: TicketContent,
): Promise<Ticket> {
  await writeAll(stores, async () =>
    writeOf(stores, await ticketById(stores, id), on, there, () => ({ kind: 'to', place })),
  );
  return ticketById(stores, id);
}
