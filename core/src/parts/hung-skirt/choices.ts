import type { Choice } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** Length and panels of a skirt that hangs by itself. Ranges and defaults are common practice. */
// prettier-ignore
export const hungSkirtChoices = {
  skirtLength: { kind: 'length', label: 'Skirt length', group: 'Skirt', help: 'From the waist seam to the hem', least: inches(8), most: inches(44), usual: inches(22) },
  skirtParts: { kind: 'option', label: 'Seams', group: 'Skirt', help: 'more of them lie on narrower cloth', options: { '2': 'at the sides', '4': 'beside front and back' }, usual: '2' },
} as const satisfies Record<string, Choice>;
