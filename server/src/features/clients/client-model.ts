import type { ClientKind } from '@ample-bolt/core/measures/plausibility';
import {
  DataTypes,
  literal,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

export class ClientModel extends Model<InferAttributes<ClientModel>, InferCreationAttributes<ClientModel>> {
  declare id: CreationOptional<string>;
  declare name: string;
  declare kind: ClientKind;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

export function initClientModel(sequelize: Sequelize): void {
  ClientModel.init(
    {
      id: { type: DataTypes.UUID, primaryKey: true, defaultValue: literal('gen_random_uuid()') },
      name: { type: DataTypes.TEXT, allowNull: false },
      kind: { type: DataTypes.TEXT, allowNull: false },
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'clients' },
  );
}
