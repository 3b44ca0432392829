import { sequenceNames } from '@ample-bolt/core/measures/sequences';
import { noEntries, setFromHome, type HomeLink } from '@ample-bolt/core/shop/home-set';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { addDays, format } from 'date-fns';
import type { Outbox } from '../../outbox/outbox.ts';
import { inTransaction } from '../../db/in-transaction.ts';
import { notFound, Problem } from '../../http/problem.ts';
import { changeTicket, ticketById, type Versioned } from '../tickets/ticket-changes.ts';
import { HomeLinkModel, HomePictureModel } from './home-model.ts';
import type { NewHomeLink } from './home-schemas.ts';
import { hashOf, newToken } from './token.ts';

const withPictures = { model: HomePictureModel, as: 'pictures', attributes: ['id', 'createdAt'] };

function toLink(row: HomeLinkModel): HomeLink {
  const { id, sequence, state, entries, expiresAt, sentAt, pictures = [] } = row;
  const expired = state === 'open' && expiresAt.getTime() < Date.now();
  const shown = state === 'open' ? [] : pictures;
  return {
    id,
    state: expired ? 'expired' : state,
    sequence: sequenceNames[sequence],
    expiresAt: expiresAt.toISOString(),
    sentAt: sentAt?.toISOString() ?? null,
    entries: state === 'open' ? null : entries,
    pictures: [...shown].sort((a, b) => a.createdAt.getTime() - b.createdAt.getTime()).map((each) => each.id),
  };
}

/** The links of a ticket, the newest first. */
export async function linksOf(ticketId: string): Promise<HomeLink[]> {
  const { id } = await ticketById(ticketId);
  const rows = await HomeLinkModel.findAll({
    where: { ticketId: id },
    include: [withPictures],
    order: [['createdAt', 'DESC']],
  });
  return rows.map(toLink);
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
  ticketId: string,
  { sequence, days, to }: NewHomeLink,
  origin: string,
  outbox: Outbox,
): Promise<{ readonly url: string; readonly link: HomeLink }> {
  const ticket = await ticketById(ticketId);
  const token = newToken();
  const expiresAt = addDays(new Date(), days);
  const row = await HomeLinkModel.create({
    ticketId: ticket.id,
    tokenHash: hashOf(token),
    sequence,
    // Measured as the shop measures, so that her lengths stand beside those of the ticket.
    entries: { ...noEntries(ticket.unit), from: ticket.measures.from },
    expiresAt,
  });
  const url = `${origin}/home/${token}`;
  await outbox.put({ to: to.trim(), subject: `Measuring at home`, text: messageFor(ticket, url, expiresAt) });
  const made = await HomeLinkModel.findByPk(row.id, { include: [withPictures] });
  if (!made) throw new Error('a private link went away while it was made');
  return { url, link: toLink(made) };
}

/** A link of this ticket, or 404. */
async function linkOf(ticketId: string, linkId: string): Promise<HomeLinkModel> {
  const row = await HomeLinkModel.findOne({ where: { id: linkId, ticketId }, lock: true });
  if (!row) throw notFound('private link on this ticket');
  return row;
}

/** Takes a link back: it opens no longer, and what was entered through it is gone. */
export async function withdrawLink(ticketId: string, linkId: string): Promise<void> {
  await (await linkOf(ticketId, linkId)).destroy();
}

function sentOnly(link: HomeLinkModel): { sentAt: Date } {
  if (link.state === 'sent' && link.sentAt) return { sentAt: link.sentAt };
  throw new Problem(
    409,
    'not-sent',
    'There is nothing to take: this set was not sent, or is dealt with already.',
  );
}

/** Takes what the client sent as the ticket's next set; it can be undone like any change. */
export const acceptLink = (ticketId: string, linkId: string, on: Versioned): Promise<Ticket> =>
  inTransaction(HomeLinkModel.sequelize, () => accept(ticketId, linkId, on));

async function accept(ticketId: string, linkId: string, on: Versioned): Promise<Ticket> {
  const ticket = await ticketById(ticketId);
  const link = await linkOf(ticketId, linkId);
  const { sentAt } = sentOnly(link);
  const measures = setFromHome(ticket.measures, link.entries, {
    takenOn: format(sentAt, 'yyyy-MM-dd'),
    takenBy: ticket.client.name,
  });
  const said = link.entries.remarks.trim();
  const remarks = [ticket.remarks, said && `From home: ${said}`].filter(Boolean).join('\n');
  const changed = await changeTicket(ticket, on, { measures, remarks });
  await link.update({ state: 'accepted' });
  return changed;
}

/** Leaves what the client sent; her pictures are thrown away. */
export const refuseLink = (ticketId: string, linkId: string): Promise<void> =>
  inTransaction(HomeLinkModel.sequelize, async () => {
    const link = await linkOf(ticketId, linkId);
    sentOnly(link);
    await HomePictureModel.destroy({ where: { linkId: link.id } });
    await link.update({ state: 'refused' });
  });

export async function pictureOf(ticketId: string, linkId: string, pictureId: string): Promise<Buffer> {
  const link = await linkOf(ticketId, linkId);
  const picture = await HomePictureModel.findOne({ where: { id: pictureId, linkId: link.id } });
  if (!picture || link.state === 'open') throw notFound('picture');
  return picture.bytes;
}
