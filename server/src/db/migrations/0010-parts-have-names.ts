import type { Migration } from '../migrate.ts';

const renamed = (styles: readonly string[], was: string, now: string) => ({ styles, was, now });

/** Choices whose names went to a part: lengths that were entered under the old ones. */
const names = [
  renamed(['plain-bodice', 'turtleneck-bodice'], 'length', 'lengthBelow'),
  renamed(['surplice-crop-top'], 'sleeve', 'sleeveLength'),
];

/** Skirts and sleeves are parts now, and these names are theirs: what was entered before keeps its meaning under another. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  for (const { styles, was, now } of names) {
    const replacements = { styles, was, now };
    await query.sequelize.query(
      `UPDATE tickets
          SET choices = (choices - :was) || jsonb_build_object(:now, choices -> :was)
        WHERE style_id IN (:styles) AND choices -> :was IS NOT NULL`,
      { transaction, replacements },
    );
    await query.sequelize.query(
      `UPDATE ticket_states
          SET content = jsonb_set(content, '{choices}',
                ((content -> 'choices') - :was) || jsonb_build_object(:now, content -> 'choices' -> :was))
        WHERE content ->> 'styleId' IN (:styles) AND content -> 'choices' -> :was IS NOT NULL`,
      { transaction, replacements },
    );
  }
};
