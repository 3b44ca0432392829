import type { LayWay } from '@ample-bolt/core/lay/model/lay';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { LayRun, RunPlans } from '@ample-bolt/core/shop/lay-run';
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
import type { RunTask } from '../../stores/lay-run-store.ts';
import { id, json, stamps, text } from '../columns.ts';
import { TicketModel } from './ticket-model.ts';

export class LayRunModel extends Model<InferAttributes<LayRunModel>, InferCreationAttributes<LayRunModel>> {
  declare id: CreationOptional<string>;
  declare ticketId: ForeignKey<string>;
  declare role: ClothRole;
  declare state: CreationOptional<LayRun['state']>;
  declare folds: readonly LayWay[];
  declare task: RunTask;
  declare seconds: number;
  declare plans: CreationOptional<RunPlans>;
  declare found: CreationOptional<number>;
  declare failure: CreationOptional<string | null>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
  declare shares?: NonAttribute<LayShareModel[]>;
}

export class LayShareModel extends Model<
  InferAttributes<LayShareModel>,
  InferCreationAttributes<LayShareModel>
> {
  declare id: CreationOptional<string>;
  declare runId: ForeignKey<string>;
  declare seed: number;
  declare fold: LayWay | null;
  declare seconds: number;
  /** Seconds of it that are done: what an interruption leaves of a share is searched later. */
  declare spent: CreationOptional<number>;
  declare starts: CreationOptional<number>;
  declare state: CreationOptional<'waiting' | 'working' | 'done'>;
  /** When the process that works on it was last heard of. */
  declare heardAt: CreationOptional<Date | null>;
}

export function initLayRunModels(sequelize: Sequelize): void {
  LayRunModel.init(
    {
      id: id(),
      role: text(),
      state: DataTypes.TEXT,
      folds: json(),
      task: json(),
      seconds: { type: DataTypes.DOUBLE, allowNull: false },
      plans: DataTypes.JSONB,
      found: DataTypes.INTEGER,
      failure: DataTypes.TEXT,
      ...stamps(),
    },
    { sequelize, tableName: 'lay_runs' },
  );
  LayShareModel.init(
    {
      id: id(),
      seed: { type: DataTypes.INTEGER, allowNull: false },
      fold: DataTypes.TEXT,
      seconds: { type: DataTypes.DOUBLE, allowNull: false },
      spent: DataTypes.DOUBLE,
      starts: DataTypes.INTEGER,
      state: DataTypes.TEXT,
      heardAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'lay_shares', timestamps: false },
  );
  LayRunModel.belongsTo(TicketModel, { foreignKey: 'ticketId' });
  LayRunModel.hasMany(LayShareModel, { foreignKey: 'runId', as: 'shares' });
  LayShareModel.belongsTo(LayRunModel, { foreignKey: 'runId' });
}
