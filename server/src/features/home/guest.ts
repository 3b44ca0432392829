import { measuresUsed } from '@ample-bolt/core/shop/ticket';
import { homeMeasures, PICTURES_MOST, type GuestPage } from '@ample-bolt/core/shop/home-set';
import { notFound, Problem } from '../../http/problem.ts';
import { readMeasureEntries } from '../tickets/read-edits.ts';
import { ticketById } from '../tickets/ticket-changes.ts';
import { HomeLinkModel, HomePictureModel } from './home-model.ts';
import type { HomeEdit } from './home-schemas.ts';
import { checkPicture } from './picture-check.ts';
import { hashOf } from './token.ts';

/** The link that a token opens. Unknown and withdrawn are 404, too late is 410. */
async function opened(token: string): Promise<HomeLinkModel> {
  const link = await HomeLinkModel.findOne({ where: { tokenHash: hashOf(token) } });
  if (!link)
    throw new Problem(
      404,
      'unknown-link',
      'This link opens nothing. Look whether it was copied whole, or ask the shop for a new one.',
    );
  if (link.expiresAt.getTime() < Date.now())
    throw new Problem(410, 'expired-link', 'This link has run out. Ask the shop for a new one.');
  return link;
}

/** A link that can still be written on. */
async function writable(token: string): Promise<HomeLinkModel> {
  const link = await opened(token);
  if (link.state !== 'open')
    throw new Problem(
      409,
      'already-sent',
      'These measures were sent. Ask the shop when something is to be changed.',
    );
  return link;
}

const picturesOf = async (link: HomeLinkModel): Promise<string[]> => {
  const rows = await HomePictureModel.findAll({
    attributes: ['id'],
    where: { linkId: link.id },
    order: [['createdAt', 'ASC']],
  });
  return rows.map(({ id }) => id);
};

async function pageOf(link: HomeLinkModel): Promise<GuestPage> {
  const ticket = await ticketById(link.ticketId);
  return {
    asked: homeMeasures(link.sequence, measuresUsed(ticket)),
    kind: ticket.client.kind,
    entries: link.entries,
    pictures: await picturesOf(link),
    expiresAt: link.expiresAt.toISOString(),
    sent: link.state !== 'open',
  };
}

export const guestPage = async (token: string): Promise<GuestPage> => pageOf(await opened(token));

export async function enterAsGuest(token: string, { values, ...edit }: HomeEdit): Promise<GuestPage> {
  const link = await writable(token);
  const { asked } = await pageOf(link);
  const unasked = Object.keys(values).find((id) => !asked.some((each) => each === id));
  if (unasked !== undefined)
    throw new Problem(422, 'unknown-measure', `${unasked} is not asked for here.`, {
      field: `measures.${unasked}`,
    });
  await link.update({ entries: { ...edit, values: readMeasureEntries(values, edit.unit) } });
  return pageOf(link);
}

/** Hands what was entered to the shop; after that it is only looked at. */
export async function sendAsGuest(token: string): Promise<GuestPage> {
  const link = await writable(token);
  if (Object.keys(link.entries.values).length === 0)
    throw new Problem(
      422,
      'nothing-measured',
      'Nothing is measured yet. Enter at least one measure, then send.',
      {
        field: 'measures',
      },
    );
  await link.update({ state: 'sent', sentAt: new Date() });
  return pageOf(link);
}

export async function addPicture(token: string, body: unknown): Promise<GuestPage> {
  const link = await writable(token);
  const bytes = checkPicture(body);
  if ((await picturesOf(link)).length >= PICTURES_MOST)
    throw new Problem(
      422,
      'too-many-pictures',
      `There are ${PICTURES_MOST} pictures already; take one away first.`,
      {
        field: 'picture',
      },
    );
  await HomePictureModel.create({ linkId: link.id, bytes });
  return pageOf(link);
}

export async function removePicture(token: string, pictureId: string): Promise<GuestPage> {
  const link = await writable(token);
  await HomePictureModel.destroy({ where: { id: pictureId, linkId: link.id } });
  return pageOf(link);
}

export async function pictureFor(token: string, pictureId: string): Promise<Buffer> {
  const link = await opened(token);
  const picture = await HomePictureModel.findOne({ where: { id: pictureId, linkId: link.id } });
  if (!picture) throw notFound('picture');
  return picture.bytes;
}
