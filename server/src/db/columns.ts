import { DataTypes, literal } from 'sequelize';

// Sequelize writes into the attributes it is given, so each column gets an object of its own.

/** A key that the database makes. */
export const id = () => ({
  type: DataTypes.UUID,
  primaryKey: true,
  defaultValue: literal('gen_random_uuid()'),
});

/** A text that is always there. */
export const text = () => ({ type: DataTypes.TEXT, allowNull: false });

/** JSON that is always there. */
export const json = () => ({ type: DataTypes.JSONB, allowNull: false });

/** When a row was made and last changed. */
export const stamps = () => ({ createdAt: DataTypes.DATE, updatedAt: DataTypes.DATE });
