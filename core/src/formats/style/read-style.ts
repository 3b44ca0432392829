import { Ajv2020 } from 'ajv/dist/2020.js';
import type { ChoiceValues } from '../../garment/choice.ts';
import { read, refuse, type Read } from '../../input/input-fault.ts';
import { styleBook, styleOf } from '../../styles/style-book.ts';
import { withUnit } from '../../units/with-unit.ts';
import { checkFile } from '../check-file.ts';
import type { OfSchema } from '../of-schema.ts';
import { readChoices } from '../order/read-choices.ts';
import { styleSchema } from './style-schema.ts';

/** A style file as it is written. */
export type StyleFile = OfSchema<typeof styleSchema>;

/** A style of the house as it is read: its choices in mm, and as they are typed on a ticket in any unit. */
export interface ReadStyle {
  readonly file: StyleFile;
  readonly typed: { readonly [id: string]: string };
  readonly choices: ChoiceValues;
}

const validate = new Ajv2020({ allErrors: false, allowUnionTypes: true, verbose: true }).compile<StyleFile>(
  styleSchema,
);

/** Reads a parsed style file: shape, the style that it is composed on, and each choice; the first fault names its field. */
export function readStyle(written: unknown): Read<ReadStyle> {
  const checked = checkFile<StyleFile>(written, 'ample-bolt/style', validate);
  if (!checked.ok) return checked;
  const file = checked.value;
  const style = styleOf(file.style);
  if (!style)
    return refuse(
      'unknown-style',
      'style',
      `${file.style} is not in the style book; there is ${Object.keys(styleBook).join(', ')}.`,
    );
  const chosen = readChoices(style, { style: style.id, choices: file.choices }, file.unit, 'choices');
  if (!chosen.ok) return chosen;
  const { choices } = chosen.value;
  const typed = Object.entries(choices).map(([id, value]) => [
    id,
    typeof value === 'string' ? value : withUnit(String(file.choices[id]), file.unit),
  ]);
  return read({ file, choices, typed: Object.fromEntries(typed) as ReadStyle['typed'] });
}
