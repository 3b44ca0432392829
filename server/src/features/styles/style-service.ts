import { readStyle } from '@ample-bolt/core/formats/style/read-style';
import type { HouseStyle, NewHouseStyle } from '@ample-bolt/core/messages/style-messages';
import { badInput, Problem } from '../../http/problem.ts';
import type { Stores } from '../../stores/stores.ts';

/** The styles of the house’s own book; one that the book of today cannot read any more is left out, and kept. */
export const stylesOfHouse = async ({ styles }: Pick<Stores, 'styles'>): Promise<HouseStyle[]> =>
  (await styles.list()).flatMap(({ id, file }) => {
    const checked = readStyle(file);
    return checked.ok ? [{ id, ...checked.value }] : [];
  });

/** Keeps a style under its own name; a file that cannot be read, or a name that is there, is refused by its field. */
export async function keepStyle(
  { styles }: Pick<Stores, 'styles'>,
  { file }: NewHouseStyle,
): Promise<HouseStyle> {
  const checked = readStyle(file);
  if (!checked.ok) throw badInput(checked.fault);
  const name = checked.value.file.name.trim();
  const kept = await styles.add({ ...checked.value.file, name });
  if (!kept)
    throw new Problem(
      409,
      'known-style',
      `The house has a style called ${name}; give this one another name.`,
      {
        field: 'name',
      },
    );
  return { ...checked.value, ...kept };
}

/** Takes a style out of the house’s book; tickets that were made of it stay as they are. */
export async function removeStyle({ styles }: Pick<Stores, 'styles'>, id: string): Promise<void> {
  if (!(await styles.remove(id)))
    throw new Problem(404, 'not-found', 'The house has no such style; it may have been taken out already.');
}
