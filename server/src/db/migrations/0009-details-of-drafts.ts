import type { Migration } from '../migrate.ts';

/** A frozen draft says what is seen of its garment beyond its panels; one frozen before says nothing, and loses its flat drawing. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  await query.sequelize.query(
    `UPDATE frozen_drafts
        SET draft = (draft - 'worn') || jsonb_build_object('details', COALESCE(draft -> 'details', '[]'::jsonb))`,
    { transaction },
  );
};
