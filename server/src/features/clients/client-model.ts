import type { ClientKind } from '@ample-bolt/core/measures/measure-set';
import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { id, stamps, text } from '../../db/columns.ts';

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
      id: id(),
      name: text(),
      kind: text(),
      ...stamps(),
    },
    { sequelize, tableName: 'clients' },
  );
}
