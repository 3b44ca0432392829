import type { TableEvent } from '@ample-bolt/core/shop/table-event';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { text } from '../columns.ts';

/** One mark or one piece that was done at the table, or taken back; made by the device, and never changed. */
export class TableEventModel extends Model<
  InferAttributes<TableEventModel>,
  InferCreationAttributes<TableEventModel>
> {
  declare id: string;
  declare ticketId: string;
  declare lay: string;
  declare kind: TableEvent['kind'];
  declare on: string;
  declare mark: number;
  declare done: boolean;
  declare at: string;
  declare by: CreationOptional<string>;
}

export function initTableModel(sequelize: Sequelize): void {
  TableEventModel.init(
    {
      id: { type: DataTypes.UUID, primaryKey: true },
      ticketId: { type: DataTypes.UUID, allowNull: false },
      lay: text(),
      kind: text(),
      on: text(),
      mark: { type: DataTypes.INTEGER, allowNull: false },
      done: { type: DataTypes.BOOLEAN, allowNull: false },
      at: text(),
      by: DataTypes.TEXT,
    },
    { sequelize, tableName: 'table_events', timestamps: false },
  );
}
