import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** Length of a gathered sleeve, and how full it is. Ranges and defaults are common practice. */
// prettier-ignore
export const sleeveGatheredChoices = {
  sleeveLength: { kind: 'length', label: 'Sleeve length', group: 'Sleeve', help: 'From the armhole', least: inches(3), most: inches(16), usual: inches(8) },
  sleeveRatio: { kind: 'option', label: 'Gathered', group: 'Sleeve', help: 'sleeve to armhole', options: { '1.25': '1¼ to 1', '1.5': '1½ to 1', '2': '2 to 1' }, usual: '1.5' },
} as const satisfies Record<string, Choice>;

export type SleeveGatheredChosen = ChosenOf<typeof sleeveGatheredChoices>;
