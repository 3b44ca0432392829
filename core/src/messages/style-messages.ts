import type { ChoiceValues } from '../garment/choice.ts';
import type { StyleFile } from '../formats/style/read-style.ts';
import { shape, type Of } from '../formats/of-schema.ts';

/** A style for the house’s own book; core reads the file. */
export const newHouseStyle = shape({
  type: 'object',
  required: ['file'],
  additionalProperties: false,
  properties: { file: { type: 'object' } },
});
export type NewHouseStyle = Of<typeof newHouseStyle>;

/** A style that the house composed and keeps under its own name. */
export interface HouseStyle {
  readonly id: string;
  readonly file: StyleFile;
  /** Its choices in mm, for its picture, and as they are typed on a ticket in any unit. */
  readonly choices: ChoiceValues;
  readonly typed: { readonly [id: string]: string };
}
