import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** Part of a circle, length and panels of a circle skirt. Ranges and defaults are common practice. */
// prettier-ignore
export const skirtCircleChoices = {
  circle: { kind: 'option', pictured: true, label: 'Circle', group: 'Skirt', help: 'of which the skirt is cut', options: { '1': 'a whole one', '0.5': 'half', '0.25': 'a quarter' }, usual: '0.5' },
  skirtLength: { kind: 'length', label: 'Skirt length', group: 'Skirt', help: 'From the waist seam to the hem', least: inches(8), most: inches(44), usual: inches(22) },
  skirtParts: { kind: 'option', label: 'Seams', group: 'Skirt', help: 'more of them lie on narrower cloth', options: { '2': 'at the sides', '4': 'beside front and back' }, usual: '2' },
  biasDrop: { kind: 'length', label: 'Raised on the bias', group: 'Skirt', help: 'where cloth hangs longer: the hem is level once it has hung', least: 0, most: inches(2), usual: 0 },
} as const satisfies Record<string, Choice>;

export type SkirtCircleChosen = ChosenOf<typeof skirtCircleChoices>;
