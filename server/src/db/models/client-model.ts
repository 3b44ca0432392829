import type { ClientKind } from '@ample-bolt/core/measures/measure-set';
import type { ClientState } from '@ample-bolt/core/shop/known-client';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { Merged } from '../../stores/client-store.ts';
import { id, stamps, text } from '../columns.ts';

export class ClientModel extends Model<InferAttributes<ClientModel>, InferCreationAttributes<ClientModel>> {
  declare id: CreationOptional<string>;
  declare name: string;
  declare kind: ClientKind;
  declare state: CreationOptional<ClientState>;
  declare contact: CreationOptional<string>;
  declare remarks: CreationOptional<string>;
  declare version: CreationOptional<number>;
  declare merged: CreationOptional<Merged | null>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

export function initClientModel(sequelize: Sequelize): void {
  ClientModel.init(
    {
      id: id(),
      name: text(),
      kind: text(),
      state: { ...text(), defaultValue: 'here' },
      contact: { ...text(), defaultValue: '' },
      remarks: { ...text(), defaultValue: '' },
      version: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 },
      merged: { type: DataTypes.JSONB },
      ...stamps(),
    },
    { sequelize, tableName: 'clients' },
  );
}
