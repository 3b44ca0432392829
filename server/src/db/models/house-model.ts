import type { RuleOverrides } from '@ample-bolt/core/rules/catalogue';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** The one house: its own rules laid over the defaults. */
export class HouseModel extends Model<InferAttributes<HouseModel>, InferCreationAttributes<HouseModel>> {
  declare id: number;
  declare rules: RuleOverrides;
  declare version: CreationOptional<number>;
}

export function initHouseModel(sequelize: Sequelize): void {
  HouseModel.init(
    { id: { type: DataTypes.INTEGER, primaryKey: true }, rules: DataTypes.JSONB, version: DataTypes.INTEGER },
    { sequelize, tableName: 'houses', createdAt: false },
  );
}
