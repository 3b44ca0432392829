import { sequenceNames } from '@ample-bolt/core/measures/sequences';
import { noEntries, setFromHome, type HomeLink } from '@ample-bolt/core/shop/home-set';
import type { NewHomeLink, OpenedHomeLink } from '@ample-bolt/core/messages/home-messages';
import type { Versioned } from '@ample-bolt/core/messages/ticket-messages';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { addDays, format } from 'date-fns';
import type { Outbox } from '../../outbox/outbox.ts';
import { notFound, Problem } from '../../http/problem.ts';
import type { KeptHomeLink } from '../../stores/home-link-store.ts';
import type { Stores } from '../../stores/stores.ts';
import { changeTicket, ticketById } from '../tickets/index.ts';
import { hashOf, newToken } from './token.ts';

/** What a private link reads and writes. */
type HomeStores = Pick<Stores, 'homeLinks' | 'tickets' | 'table' | 'atOnce'>;

/** A link as the shop sees it: nothing of what is entered before it is sent. */
function shown(link: KeptHomeLink): HomeLink {
  const { id, sequence, state, entries, expiresAt, sentAt, pictures } = link;
  const isOpen = state === 'open';
  return {
    id,
    state: isOpen && expiresAt.getTime() < Date.now() ? 'expired' : state,
    sequence: sequenceNames[sequence],
    expiresAt: expiresAt.toISOString(),
    sentAt: sentAt?.toISOString() ?? null,
    entries: isOpen ? null : entries,
    pictures: isOpen ? [] : pictures,
  };
}

/** The links of a ticket, the newest first. */
export async function linksOf(stores: HomeStores, ticketId: string): Promise<HomeLink[]> {
  const { id } = await ticketById(stores, ticketId);
  return (await stores.homeLinks.ofTicket(id)).map(shown);
}

const messageFor = (ticket: Ticket, url: string, until: Date): string =>
  [
    'Good day,',
    '',
    `please take your measures for ${ticket.title} (ticket ${ticket.number}) at home. This page leads you through it,`,
    'one measure at a time; a second pair of hands helps, and a soft tape and a piece of string:',
    '',
    url,
    '',
    `The page is yours alone, shows nothing but what you enter, and closes on ${format(until, 'd MMMM yyyy')}.`,
    'Please do not pass it on.',
  ].join('\n');

/** Makes a private link and puts the message that carries it into the outbox. The address is given once, here. */
export async function openLink(
  stores: HomeStores,
  ticketId: string,
  { sequence, days, to }: NewHomeLink,
  origin: string,
  outbox: Outbox,
): Promise<OpenedHomeLink> {
  const ticket = await ticketById(stores, ticketId);
  const token = newToken();
  const expiresAt = addDays(new Date(), days);
  const made = await stores.homeLinks.create({
    ticketId: ticket.id,
    tokenHash: hashOf(token),
    sequence,
    // Measured as the shop measures, so that her lengths stand beside those of the ticket.
    entries: { ...noEntries(ticket.unit), from: ticket.measures.from },
    expiresAt,
  });
  const url = `${origin}/home/${token}`;
  await outbox.put({ to: to.trim(), subject: `Measuring at home`, text: messageFor(ticket, url, expiresAt) });
  return { url, link: shown(await linkOf(stores, ticketId, made)) };
}

/** A link of this ticket, or 404. */
async function linkOf({ homeLinks }: HomeStores, ticketId: string, linkId: string): Promise<KeptHomeLink> {
  const link = await homeLinks.onTicket(ticketId, linkId);
  if (!link) throw notFound('private link on this ticket');
  return link;
}

/** Takes a link back: it opens no longer, and what was entered through it is gone. */
export async function withdrawLink(stores: HomeStores, ticketId: string, linkId: string): Promise<void> {
  await stores.homeLinks.remove((await linkOf(stores, ticketId, linkId)).id);
}

function sentOnly({ state, sentAt }: KeptHomeLink): { sentAt: Date } {
  if (state === 'sent' && sentAt) return { sentAt };
  throw new Problem(
    409,
    'not-sent',
    'There is nothing to take: this set was not sent, or is dealt with already.',
  );
}

/** Takes what the client sent as the ticket's next set; it can be undone like any change. */
export const acceptLink = (
  stores: HomeStores,
  ticketId: string,
  linkId: string,
  on: Versioned,
): Promise<Ticket> => stores.atOnce(() => accept(stores, ticketId, linkId, on));

async function accept(stores: HomeStores, ticketId: string, linkId: string, on: Versioned): Promise<Ticket> {
  const ticket = await ticketById(stores, ticketId);
  const link = await linkOf(stores, ticketId, linkId);
  const { sentAt } = sentOnly(link);
  const measures = setFromHome(ticket.measures, link.entries, {
    takenOn: format(sentAt, 'yyyy-MM-dd'),
    takenBy: ticket.client.name,
  });
  const said = link.entries.remarks.trim();
  const remarks = [ticket.remarks, said && `From home: ${said}`].filter(Boolean).join('\n');
  const changed = await changeTicket(stores, ticket, on, { measures, remarks });
  await stores.homeLinks.write(link.id, { state: 'accepted' });
  return changed;
}

/** Leaves what the client sent; her pictures are thrown away. */
export const refuseLink = (stores: HomeStores, ticketId: string, linkId: string): Promise<void> =>
  stores.atOnce(async () => {
    const link = await linkOf(stores, ticketId, linkId);
    sentOnly(link);
    await stores.homeLinks.removePictures(link.id);
    await stores.homeLinks.write(link.id, { state: 'refused' });
  });

export async function pictureOf(
  stores: HomeStores,
  ticketId: string,
  linkId: string,
  pictureId: string,
): Promise<Buffer> {
  const link = await linkOf(stores, ticketId, linkId);
  const picture = link.state === 'open' ? undefined : await stores.homeLinks.picture(link.id, pictureId);
  if (!picture) throw notFound('picture');
  return picture;
}
