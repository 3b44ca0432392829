import type { StyleFile } from '@ample-bolt/core/formats/style/read-style';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** A style of the house’s own book. */
export class HouseStyleModel extends Model<
  InferAttributes<HouseStyleModel>,
  InferCreationAttributes<HouseStyleModel>
> {
  declare id: CreationOptional<string>;
  /** Its name in lower case, by which no two are the same. */
  declare key: string;
  declare file: StyleFile;
}

export function initHouseStyleModel(sequelize: Sequelize): void {
  HouseStyleModel.init(
    {
      id: { type: DataTypes.UUID, primaryKey: true, defaultValue: DataTypes.UUIDV4 },
      key: { type: DataTypes.TEXT, allowNull: false },
      file: { type: DataTypes.JSONB, allowNull: false },
    },
    { sequelize, tableName: 'house_styles', updatedAt: false },
  );
}
