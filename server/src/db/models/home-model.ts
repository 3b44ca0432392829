import type { SequenceId } from '@ample-bolt/core/measures/sequences';
import type { HomeEntries, HomeState } from '@ample-bolt/core/shop/home-set';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type ForeignKey,
  type InferAttributes,
  type InferCreationAttributes,
  type NonAttribute,
  type Sequelize,
} from 'sequelize';
import { id, stamps, text } from '../columns.ts';
import { TicketModel } from './ticket-model.ts';

/** A private link. The token itself is nowhere here: only its hash is kept. */
export class HomeLinkModel extends Model<
  InferAttributes<HomeLinkModel>,
  InferCreationAttributes<HomeLinkModel>
> {
  declare id: CreationOptional<string>;
  declare ticketId: ForeignKey<string>;
  declare tokenHash: string;
  declare sequence: SequenceId;
  declare state: CreationOptional<HomeState>;
  declare entries: HomeEntries;
  declare expiresAt: Date;
  declare sentAt: CreationOptional<Date | null>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
  declare pictures?: NonAttribute<HomePictureModel[]>;
}

export class HomePictureModel extends Model<
  InferAttributes<HomePictureModel>,
  InferCreationAttributes<HomePictureModel>
> {
  declare id: CreationOptional<string>;
  declare linkId: ForeignKey<string>;
  declare bytes: Buffer;
  declare createdAt: CreationOptional<Date>;
}

export function initHomeModels(sequelize: Sequelize): void {
  HomeLinkModel.init(
    {
      id: id(),
      tokenHash: text(),
      sequence: text(),
      state: DataTypes.TEXT,
      entries: DataTypes.JSONB,
      expiresAt: { type: DataTypes.DATE, allowNull: false },
      sentAt: DataTypes.DATE,
      ...stamps(),
    },
    { sequelize, tableName: 'home_links' },
  );
  HomePictureModel.init(
    {
      id: id(),
      bytes: { type: DataTypes.BLOB, allowNull: false },
      createdAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'home_pictures', updatedAt: false },
  );
  HomeLinkModel.belongsTo(TicketModel, { foreignKey: 'ticketId' });
  HomeLinkModel.hasMany(HomePictureModel, { foreignKey: 'linkId', as: 'pictures' });
  HomePictureModel.belongsTo(HomeLinkModel, { foreignKey: 'linkId' });
}
