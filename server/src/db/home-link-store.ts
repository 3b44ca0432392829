import type { HomeLinkStore, KeptHomeLink } from '../stores/home-link-store.ts';
import { HomeLinkModel, HomePictureModel } from './models/home-model.ts';

const withPictures = { model: HomePictureModel, as: 'pictures', attributes: ['id', 'createdAt'] };

function toLink(row: HomeLinkModel): KeptHomeLink {
  const { id, ticketId, sequence, state, entries, expiresAt, sentAt, pictures = [] } = row;
  const inOrder = [...pictures].sort((a, b) => a.createdAt.getTime() - b.createdAt.getTime());
  return {
    id,
    ticketId,
    sequence,
    state,
    entries,
    expiresAt,
    sentAt,
    pictures: inOrder.map((each) => each.id),
  };
}

/** One link, locked; its pictures are read after it, as a lock holds for one table. */
async function locked(where: { readonly [column: string]: string }): Promise<KeptHomeLink | undefined> {
  const row = await HomeLinkModel.findOne({ where, lock: true });
  if (!row) return undefined;
  row.pictures = await HomePictureModel.findAll({
    attributes: ['id', 'createdAt'],
    where: { linkId: row.id },
  });
  return toLink(row);
}

export const homeLinkStore: HomeLinkStore = {
  byToken: (tokenHash) => locked({ tokenHash }),
  ofTicket: async (ticketId) =>
    (
      await HomeLinkModel.findAll({
        where: { ticketId },
        include: [withPictures],
        order: [['createdAt', 'DESC']],
      })
    ).map(toLink),
  onTicket: (ticketId, id) => locked({ id, ticketId }),
  create: async (link) => (await HomeLinkModel.create(link)).id,
  write: async (id, change) => {
    await HomeLinkModel.update(change, { where: { id } });
  },
  remove: async (id) => {
    await HomeLinkModel.destroy({ where: { id } });
  },
  addPicture: async (linkId, bytes) => {
    await HomePictureModel.create({ linkId, bytes });
  },
  picture: async (linkId, id) => (await HomePictureModel.findOne({ where: { id, linkId } }))?.bytes,
  removePictures: async (linkId, id) => {
    await HomePictureModel.destroy({ where: { linkId, ...(id !== undefined && { id }) } });
  },
};
