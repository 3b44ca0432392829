import { measuresUsed } from '@ample-bolt/core/shop/ticket';
import { homeMeasures, PICTURES_MOST, type GuestPage } from '@ample-bolt/core/shop/home-set';
import type { HomeEdit } from '@ample-bolt/core/messages/home-messages';
import { notFound, Problem } from '../../http/problem.ts';
import { readMeasureEntries } from '../../http/read-edits.ts';
import type { KeptHomeLink } from '../../stores/home-link-store.ts';
import type { Stores } from '../../stores/stores.ts';
import { ticketById } from '../tickets/index.ts';
import { checkPicture } from './picture-check.ts';
import { hashOf } from './token.ts';

/** What a client's page reads and writes. */
type GuestStores = Pick<Stores, 'homeLinks' | 'tickets' | 'atOnce'>;

/** The link that a token opens. Unknown and withdrawn are 404, too late is 410. */
async function opened({ homeLinks }: GuestStores, token: string): Promise<KeptHomeLink> {
  const link = await homeLinks.byToken(hashOf(token));
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
async function writable(stores: GuestStores, token: string): Promise<KeptHomeLink> {
  const link = await opened(stores, token);
  if (link.state !== 'open')
    throw new Problem(
      409,
      'already-sent',
      'These measures were sent. Ask the shop when something is to be changed.',
    );
  return link;
}

/** Writes on a link, all of it or nothing, and gives its page as it is then. */
const writeOn = (
  stores: GuestStores,
  token: string,
  act: (link: KeptHomeLink) => Promise<void>,
): Promise<GuestPage> =>
  stores.atOnce(async () => {
    await act(await writable(stores, token));
    return pageOf(stores, await opened(stores, token));
  });

async function pageOf(stores: GuestStores, link: KeptHomeLink): Promise<GuestPage> {
  const ticket = await ticketById(stores, link.ticketId);
  return {
    asked: homeMeasures(link.sequence, measuresUsed(ticket)),
    kind: ticket.client.kind,
    entries: link.entries,
    pictures: link.pictures,
    expiresAt: link.expiresAt.toISOString(),
    sent: link.state !== 'open',
  };
}

export const guestPage = async (stores: GuestStores, token: string): Promise<GuestPage> =>
  pageOf(stores, await opened(stores, token));

export const enterAsGuest = (
  stores: GuestStores,
  token: string,
  { values, ...edit }: HomeEdit,
): Promise<GuestPage> =>
  writeOn(stores, token, async (link) => {
    const { asked } = await pageOf(stores, link);
    const unasked = Object.keys(values).find((id) => !asked.some((each) => each === id));
    if (unasked !== undefined)
      throw new Problem(422, 'unknown-measure', `${unasked} is not asked for here.`, {
        field: `measures.${unasked}`,
      });
    const entries = { ...edit, values: readMeasureEntries(values, edit.unit) };
    await stores.homeLinks.write(link.id, { entries });
  });

/** Hands what was entered to the shop; after that it is only looked at. */
export const sendAsGuest = (stores: GuestStores, token: string): Promise<GuestPage> =>
  writeOn(stores, token, async (link) => {
    if (Object.keys(link.entries.values).length === 0)
      throw new Problem(
        422,
        'nothing-measured',
        'Nothing is measured yet. Enter at least one measure, then send.',
        { field: 'measures' },
      );
    await stores.homeLinks.write(link.id, { state: 'sent', sentAt: new Date() });
  });

export function addPicture(stores: GuestStores, token: string, body: unknown): Promise<GuestPage> {
  return writeOn(stores, token, async (link) => {
    const bytes = checkPicture(body);
    if (link.pictures.length >= PICTURES_MOST)
      throw new Problem(
        422,
        'too-many-pictures',
        `There are ${PICTURES_MOST} pictures already; take one away first.`,
        { field: 'picture' },
      );
    await stores.homeLinks.addPicture(link.id, bytes);
  });
}

export const removePicture = (stores: GuestStores, token: string, pictureId: string): Promise<GuestPage> =>
  writeOn(stores, token, (link) => stores.homeLinks.removePictures(link.id, pictureId));

export async function pictureFor(stores: GuestStores, token: string, pictureId: string): Promise<Buffer> {
  const link = await opened(stores, token);
  const picture = await stores.homeLinks.picture(link.id, pictureId);
  if (!picture) throw notFound('picture');
  return picture;
}
