import { measuresUsed } from '@ample-bolt/core/shop/ticket';
import { homeMeasures, PICTURES_MOST, type GuestPage } from '@ample-bolt/core/shop/home-set';
import { inTransaction } from '../../db/in-transaction.ts';
import { notFound, Problem } from '../../http/problem.ts';
import { readMeasureEntries } from '../tickets/read-edits.ts';
import { ticketById } from '../tickets/ticket-changes.ts';
import { HomeLinkModel, HomePictureModel } from './home-model.ts';
import type { HomeEdit } from './home-schemas.ts';
import { checkPicture } from './picture-check.ts';
import { hashOf } from './token.ts';

/** The link that a token opens. Unknown and withdrawn are 404, too late is 410. */
async function opened(token: string): Promise<HomeLinkModel> {
  const link = await HomeLinkModel.findOne({ where: { tokenHash: hashOf(token) }, lock: true });
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

/** A link that can still be written on, and is written by nobody else meanwhile. */
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

/** Writes on a link, all of it or nothing, and gives its page as it is then. */
const writeOn = (token: string, act: (link: HomeLinkModel) => Promise<unknown>): Promise<GuestPage> =>
  inTransaction(HomeLinkModel.sequelize, async () => {
    const link = await writable(token);
    await act(link);
    return pageOf(link);
  });

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

export const enterAsGuest = (token: string, { values, ...edit }: HomeEdit): Promise<GuestPage> =>
  writeOn(token, async (link) => {
    const { asked } = await pageOf(link);
    const unasked = Object.keys(values).find((id) => !asked.some((each) => each === id));
    if (unasked !== undefined)
      throw new Problem(422, 'unknown-measure', `${unasked} is not asked for here.`, {
        field: `measures.${unasked}`,
      });
    await link.update({ entries: { ...edit, values: readMeasureEntries(values, edit.unit) } });
  });

/** Hands what was entered to the shop; after that it is only looked at. */
export const sendAsGuest = (token: string): Promise<GuestPage> =>
  writeOn(token, async (link) => {
    if (Object.keys(link.entries.values).length === 0)
      throw new Problem(
        422,
        'nothing-measured',
        'Nothing is measured yet. Enter at least one measure, then send.',
        { field: 'measures' },
      );
    await link.update({ state: 'sent', sentAt: new Date() });
  });

export function addPicture(token: string, body: unknown): Promise<GuestPage> {
  return writeOn(token, async (link) => {
    const bytes = checkPicture(body);
    if ((await picturesOf(link)).length >= PICTURES_MOST)
      throw new Problem(
        422,
        'too-many-pictures',
        `There are ${PICTURES_MOST} pictures already; take one away first.`,
        { field: 'picture' },
      );
    await HomePictureModel.create({ linkId: link.id, bytes });
  });
}

export const removePicture = (token: string, pictureId: string): Promise<GuestPage> =>
  writeOn(token, (link) => HomePictureModel.destroy({ where: { id: pictureId, linkId: link.id } }));

export async function pictureFor(token: string, pictureId: string): Promise<Buffer> {
  const link = await opened(token);
  const picture = await HomePictureModel.findOne({ where: { id: pictureId, linkId: link.id } });
  if (!picture) throw notFound('picture');
  return picture.bytes;
}
