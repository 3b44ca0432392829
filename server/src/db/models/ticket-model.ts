import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import type { TicketGist } from '@ample-bolt/core/shop/ticket-gist';
import type { MeasureSet, Ticket, TicketState } from '@ample-bolt/core/shop/ticket';
import type { Unit } from '@ample-bolt/core/units/length';
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
import { ClientModel } from './client-model.ts';
import type { FrozenDraftModel } from './ticket-state-model.ts';

export class TicketModel extends Model<InferAttributes<TicketModel>, InferCreationAttributes<TicketModel>> {
  declare id: CreationOptional<string>;
  declare number: CreationOptional<number>;
  declare clientId: ForeignKey<string>;
  declare state: CreationOptional<TicketState>;
  declare title: string;
  declare dueOn: string;
  declare unit: Unit;
  declare remarks: CreationOptional<string>;
  declare styleId: string;
  declare choices: CreationOptional<Ticket['choices']>;
  declare rules: CreationOptional<Ticket['rules']>;
  declare cloths: CreationOptional<readonly Cloth[]>;
  declare figures: CreationOptional<Ticket['figures']>;
  declare signedOff: CreationOptional<Ticket['signedOff']>;
  declare lays: CreationOptional<Ticket['lays']>;
  declare chalked: CreationOptional<Ticket['chalked']>;
  declare cut: CreationOptional<readonly string[]>;
  declare stops: CreationOptional<number>;
  declare place: CreationOptional<number>;
  declare marksInAll: CreationOptional<number>;
  declare version: CreationOptional<number>;
  /** What lists show; worked out with every write. */
  declare gist: CreationOptional<TicketGist | null>;
  /** Rises with everything that is done at the table. */
  declare tableVersion: CreationOptional<number>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
  declare client?: NonAttribute<ClientModel>;
  declare measureSets?: NonAttribute<MeasureSetModel[]>;
  declare frozenDraft?: NonAttribute<FrozenDraftModel | null>;
}

export class MeasureSetModel extends Model<
  InferAttributes<MeasureSetModel>,
  InferCreationAttributes<MeasureSetModel>
> {
  declare id: CreationOptional<string>;
  declare clientId: ForeignKey<string>;
  declare ticketId: ForeignKey<string | null>;
  declare revision: CreationOptional<number>;
  declare source: CreationOptional<ClientSet['source']>;
  declare takenBy: CreationOptional<string>;
  declare undergarment: CreationOptional<string>;
  declare measuredFrom: MeasureSet['from'];
  declare startLine: MeasureSet['startLine'];
  declare observations: MeasureSet['observations'];
  declare takenOn: CreationOptional<string | null>;
  declare values: MeasureSet['values'];
  declare garment: CreationOptional<MeasureSet['garment']>;
  declare ticket?: NonAttribute<TicketModel | null>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

export function initTicketModels(sequelize: Sequelize): void {
  TicketModel.init(
    {
      id: id(),
      number: { type: DataTypes.INTEGER, autoIncrement: true },
      state: DataTypes.TEXT,
      title: text(),
      dueOn: { type: DataTypes.DATEONLY, allowNull: false },
      unit: text(),
      remarks: DataTypes.TEXT,
      styleId: text(),
      choices: DataTypes.JSONB,
      rules: DataTypes.JSONB,
      cloths: DataTypes.JSONB,
      figures: DataTypes.JSONB,
      signedOff: DataTypes.JSONB,
      lays: DataTypes.JSONB,
      chalked: DataTypes.JSONB,
      cut: DataTypes.JSONB,
      stops: DataTypes.INTEGER,
      place: DataTypes.INTEGER,
      marksInAll: DataTypes.INTEGER,
      version: DataTypes.INTEGER,
      gist: DataTypes.JSONB,
      tableVersion: DataTypes.INTEGER,
      ...stamps(),
    },
    { sequelize, tableName: 'tickets' },
  );
  MeasureSetModel.init(
    {
      id: id(),
      revision: DataTypes.INTEGER,
      source: DataTypes.TEXT,
      takenBy: DataTypes.TEXT,
      undergarment: DataTypes.TEXT,
      measuredFrom: text(),
      startLine: text(),
      observations: DataTypes.JSONB,
      takenOn: DataTypes.DATEONLY,
      values: DataTypes.JSONB,
      garment: DataTypes.JSONB,
      ...stamps(),
    },
    { sequelize, tableName: 'measure_sets' },
  );
  TicketModel.belongsTo(ClientModel, { foreignKey: 'clientId', as: 'client' });
  TicketModel.hasMany(MeasureSetModel, { foreignKey: 'ticketId', as: 'measureSets' });
  MeasureSetModel.belongsTo(TicketModel, { foreignKey: 'ticketId', as: 'ticket' });
  MeasureSetModel.belongsTo(ClientModel, { foreignKey: 'clientId' });
}
