import type { HouseStore } from '../stores/house-store.ts';
import { HouseModel } from './models/house-model.ts';

const ONLY_HOUSE = 1;

export const houseStore: HouseStore = {
  read: async () => {
    const row = await HouseModel.findByPk(ONLY_HOUSE);
    if (!row) throw new Error('the house’s row is missing; the migration makes it');
    return { rules: row.rules, version: row.version };
  },
  write: async (version, rules) => {
    const [count] = await HouseModel.update(
      { rules, version: version + 1 },
      { where: { id: ONLY_HOUSE, version } },
    );
    return count === 1;
  },
};
