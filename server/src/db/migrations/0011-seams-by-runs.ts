import type { Migration } from '../migrate.ts';

/** The runs of a side that was named by its edges alone; `side` is a or b. */
const runs = (side: 'a' | 'b') => `(
  SELECT jsonb_agg(
           jsonb_build_object('edge', edge)
           || CASE WHEN seam -> 'relation' -> 'reversed' IS NULL THEN '{}'::jsonb
                   ELSE jsonb_build_object('reversed', seam -> 'relation' -> 'reversed' -> '${side}') END)
    FROM jsonb_array_elements_text(seam -> '${side}') AS edge)`;

/**
 * A seam says of every edge how much of it is sewn, how often and which way. Of one that was sewn over a part, the part is
 * kept as its length: that is all that a frozen draft shows of it.
 */
export const up: Migration = async ({ context: { query, transaction } }) => {
  await query.sequelize.query(
    `UPDATE frozen_drafts
        SET draft = jsonb_set(draft, '{seams}', (
              SELECT COALESCE(jsonb_agg(
                       seam
                       || jsonb_build_object('a', ${runs('a')}, 'b', ${runs('b')})
                       || CASE WHEN seam -> 'relation' ->> 'kind' = 'part'
                               THEN jsonb_build_object(
                                      'relation', '{"kind": "equal"}'::jsonb,
                                      'lengthB', (seam ->> 'lengthA')::float - (seam ->> 'difference')::float)
                               ELSE jsonb_build_object('relation', (seam -> 'relation') - 'reversed') END
                       || jsonb_build_object('intervals', jsonb_build_array(jsonb_build_object(
                            'lengthA', seam -> 'lengthA', 'lengthB', seam -> 'lengthB', 'difference', seam -> 'difference')))
                     ), '[]'::jsonb)
                FROM jsonb_array_elements(draft -> 'seams') AS seam))
      WHERE draft -> 'seams' IS NOT NULL`,
    { transaction },
  );
};
