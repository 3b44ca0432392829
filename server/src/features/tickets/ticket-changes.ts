import { pieceOfCut } from '@ample-bolt/core/shop/cut-id';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { draftOrder } from '@ample-bolt/core/shop/draft-order';
import { changedPieces } from '@ample-bolt/core/shop/changed-pieces';
import { compareContents } from '@ample-bolt/core/shop/compare-contents';
import { openStops } from '@ample-bolt/core/shop/sign-off';
import { orderOfTicket, type Ticket, type TicketContent } from '@ample-bolt/core/shop/ticket';
import { coreVersion } from '@ample-bolt/core/version';
import { stepWords } from '@ample-bolt/core/words/change-words';
import { pieceName } from '@ample-bolt/core/words/names';
import { notFound, Problem } from '../../http/problem.ts';
import {
  findTicket,
  frozenDraftOf,
  writeTickets,
  type Freezing,
  type Step,
  type VersionedWrite,
} from './ticket-repository.ts';

export async function ticketById(id: string): Promise<Ticket> {
  const ticket = await findTicket(id);
  if (!ticket) throw notFound('ticket');
  return ticket;
}

/** What of a ticket its changes are made on. */
export const contentOf = (ticket: Ticket): TicketContent => ({
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

/** A change made on a version; `release` takes it on oneself that pieces under the chalk are drawn anew. */
export interface Versioned {
  readonly version: number;
  readonly release?: boolean | undefined;
}

const stale = (current: Ticket): Problem =>
  new Problem(
    409,
    'stale',
    'This ticket was changed elsewhere in the meantime; look at the newer version and enter yours again.',
    { extra: { current } },
  );

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

const withoutPieces = (
  { chalked, cut, ...content }: TicketContent,
  pieces: readonly string[],
): TicketContent => ({
  ...content,
  chalked: Object.fromEntries(Object.entries(chalked).filter(([piece]) => !pieces.includes(piece))),
  cut: cut.filter((id) => !pieces.includes(pieceOfCut(id))),
});

const hasChalk = ({ chalked, cut }: TicketContent): boolean =>
  cut.length > 0 || Object.values(chalked).some((count) => count > 0);

function draftOf(ticket: Ticket, content: TicketContent): Draft | undefined {
  const order = orderOfTicket({ ...ticket, ...content });
  return order && draftOrder(order);
}

const stopsOf = (ticket: Ticket, content: TicketContent): number =>
  openStops(draftOf(ticket, content)?.findings ?? [], content.signedOff).length;

/**
 * Holds a change against the pieces that are being chalked. One that redraws a piece under the chalk is refused with
 * 423, saying what was chalked and cut, unless it was released; then that piece's chalk is dropped.
 */
async function heldToFrozen(
  ticket: Ticket,
  next: TicketContent,
  release: boolean,
): Promise<{ content: TicketContent; freezing: Freezing }> {
  const frozen = ticket.frozen ? await frozenDraftOf(ticket.id) : undefined;
  if (!frozen) {
    const draft = hasChalk(next) ? draftOf(ticket, next) : undefined;
    return { content: next, freezing: draft ? { core: coreVersion, draft } : 'as-is' };
  }
  if (!hasChalk(next)) return { content: next, freezing: 'thaw' };
  if (!redraws(ticket, next)) return { content: next, freezing: 'as-is' };
  const draft = draftOf(ticket, next);
  const changed = changedPieces(frozen.pieces, draft?.pieces ?? []);
  if (changed.length === 0) return { content: next, freezing: 'as-is' };
  const touched = changed
    .map((piece): TouchedPiece => ({
      piece,
      chalked: next.chalked[piece] ?? 0,
      cut: next.cut.includes(piece),
    }))
    .filter(({ chalked, cut }) => chalked > 0 || cut);
  if (touched.length > 0 && !release)
    throw new Problem(
      423,
      'frozen',
      `Chalking has begun, and this would draw pieces anew. ${touchedWords(touched)}`,
      { extra: { touched, changed } },
    );
  const content = withoutPieces(next, changed);
  return { content, freezing: hasChalk(content) && draft ? { core: coreVersion, draft } : 'thaw' };
}

/** Whether a change touches anything that a draft depends on. */
const redraws = (ticket: Ticket, next: TicketContent): boolean =>
  (['styleId', 'measures', 'choices', 'rules', 'figures'] as const).some(
    (part) => JSON.stringify(ticket[part]) !== JSON.stringify(next[part]),
  ) || joinsOf(ticket) !== joinsOf(next);

/** Which pieces are cut with a join or from another cloth, as a text to compare; what else is known of a cloth draws nothing anew. */
const joinsOf = ({ cloths }: Pick<TicketContent, 'cloths'>): string =>
  JSON.stringify(cloths.map(({ role, joined = [], takes = [] }) => [role, joined, takes]));

/** What is to be written of content made on a version; nothing where there is no step. */
async function writeOf(
  ticket: Ticket,
  { version, release = false }: Versioned,
  next: TicketContent,
  stepFor: (content: TicketContent) => Step | undefined,
): Promise<VersionedWrite[]> {
  if (ticket.version !== version) throw stale(ticket);
  const { content, freezing } = await heldToFrozen(ticket, next, release);
  const step = stepFor(content);
  if (!step) return [];
  const stops = step.kind === 'within' ? undefined : stopsOf(ticket, content);
  return [{ id: ticket.id, version, write: { content, stops, step, freezing } }];
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

/** Writes all or none: answers 409 where the first ticket, which is the one on screen, is otherwise by now. */
async function writeAll(writes: readonly VersionedWrite[]): Promise<void> {
  const changed = await writeTickets(writes);
  if (changed === undefined) return;
  const ticket = await ticketById(changed);
  throw changed === writes[0]?.id ? stale(ticket) : shareChanged(ticket);
}

async function write(...change: Parameters<typeof writeOf>): Promise<Ticket> {
  const [ticket] = change;
  const writes = await writeOf(...change);
  if (writes.length === 0) return ticket;
  await writeAll(writes);
  return ticketById(ticket.id);
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

/** A change that can be undone. One that changes nothing is not written. */
export function changeTicket(ticket: Ticket, on: Versioned, change: Partial<TicketContent>): Promise<Ticket> {
  const before = contentOf(ticket);
  return write(ticket, on, { ...before, ...change }, newStep(before));
}

/** Changes of several tickets, all or none; each is a step of its own ticket. */
export async function changeTickets(changes: readonly TicketChange[]): Promise<void> {
  const writes: VersionedWrite[] = [];
  for (const { ticket, on, change } of changes) {
    const before = contentOf(ticket);
    writes.push(...(await writeOf(ticket, on, { ...before, ...change }, newStep(before))));
  }
  await writeAll(writes);
}

/** What happened at the table: chalk and shears are not undone by a key, but noted as they are. */
export const noteOnTicket = (
  ticket: Ticket,
  on: Versioned,
  change: Partial<Pick<TicketContent, 'chalked' | 'cut'>>,
): Promise<Ticket> => write(ticket, on, { ...contentOf(ticket), ...change }, () => ({ kind: 'within' }));

/** Goes to a step of the history. The chalk stays as it is on the cloth, unless the lays of that step are others. */
export function goToStep(
  ticket: Ticket,
  on: Versioned,
  place: number,
  there: TicketContent,
): Promise<Ticket> {
  const sameLays = JSON.stringify(ticket.lays) === JSON.stringify(there.lays);
  const { chalked, cut, marksInAll } = sameLays ? ticket : there;
  return write(ticket, on, { ...there, chalked, cut, marksInAll }, () => ({ kind: 'to', place }));
}
