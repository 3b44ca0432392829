import { UniqueConstraintError } from 'sequelize';
import type { StyleStore } from '../stores/style-store.ts';
import { HouseStyleModel } from './models/house-style-model.ts';

export const styleStore: StyleStore = {
  list: async () =>
    (await HouseStyleModel.findAll({ order: [['key', 'ASC']] })).map(({ id, file }) => ({ id, file })),
  add: async (file) => {
    try {
      const { id } = await HouseStyleModel.create({ key: file.name.trim().toLowerCase(), file });
      return { id, file };
    } catch (error) {
      if (error instanceof UniqueConstraintError) return undefined;
      throw error;
    }
  },
  remove: async (id) => (await HouseStyleModel.destroy({ where: { id } })) === 1,
};
