import type { Migration } from '../migrate.ts';

/**
 * A ticket's style can be changed and undone, so every kept step says which it was. Drafts frozen before know nothing of how
 * their garment hangs, nor which edge covers: an empty drawing and the neckline stand for that.
 */
export const up: Migration = async ({ context: { query, transaction } }) => {
  await query.sequelize.query(
    `UPDATE ticket_states AS state
        SET content = state.content || jsonb_build_object('styleId', ticket.style_id)
       FROM tickets AS ticket
      WHERE ticket.id = state.ticket_id`,
    { transaction },
  );
  await query.sequelize.query(
    `UPDATE frozen_drafts
        SET draft = draft || jsonb_build_object(
              'worn', COALESCE(draft -> 'worn', '[]'::jsonb),
              'coverage', (
                SELECT COALESCE(jsonb_agg('{"edge": "neck"}'::jsonb || each), '[]'::jsonb)
                  FROM jsonb_array_elements(COALESCE(draft -> 'coverage', '[]'::jsonb)) AS each
              )
            )`,
    { transaction },
  );
};
