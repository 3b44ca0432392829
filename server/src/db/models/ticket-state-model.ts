import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { Operation } from 'fast-json-patch';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { TicketModel } from './ticket-model.ts';

/** One change of a ticket, as what it changed: the steps that undo and redo walk, and the versions that are compared. */
export class TicketStateModel extends Model<
  InferAttributes<TicketStateModel>,
  InferCreationAttributes<TicketStateModel>
> {
  declare ticketId: string;
  declare place: number;
  /** The change that led here, in words. */
  declare what: string;
  declare by: CreationOptional<string>;
  /** What leads back to the step before, and what led here from it: JSON Patch, RFC 6902. */
  declare back: CreationOptional<Operation[]>;
  declare forth: CreationOptional<Operation[]>;
  declare madeAt: CreationOptional<Date>;
}

/** The draft that a ticket is being chalked from, as it was when chalking started. */
export class FrozenDraftModel extends Model<
  InferAttributes<FrozenDraftModel>,
  InferCreationAttributes<FrozenDraftModel>
> {
  declare ticketId: string;
  /** The version of core that drew it. */
  declare core: string;
  declare draft: Draft;
  declare frozenAt: CreationOptional<Date>;
}

const ticketId = () => ({ type: DataTypes.UUID, primaryKey: true });

export function initTicketStateModels(sequelize: Sequelize): void {
  TicketStateModel.init(
    {
      ticketId: ticketId(),
      place: { type: DataTypes.INTEGER, primaryKey: true },
      what: { type: DataTypes.TEXT, allowNull: false },
      by: DataTypes.TEXT,
      back: DataTypes.JSONB,
      forth: DataTypes.JSONB,
      madeAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'ticket_states', timestamps: false },
  );
  FrozenDraftModel.init(
    {
      ticketId: ticketId(),
      core: { type: DataTypes.TEXT, allowNull: false },
      draft: DataTypes.JSONB,
      frozenAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'frozen_drafts', timestamps: false },
  );
  TicketModel.hasOne(FrozenDraftModel, { foreignKey: 'ticketId', as: 'frozenDraft' });
}
