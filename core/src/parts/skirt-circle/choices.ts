import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { hungSkirtChoices } from '../hung-skirt/choices.ts';

/** Part of a circle, and the hem of a circle skirt. Ranges and defaults are common practice. */
// prettier-ignore
export const skirtCircleChoices = {
  circle: { kind: 'option', pictured: true, label: 'Circle', group: 'Skirt', help: 'of which the skirt is cut', options: { '1': 'a whole one', '0.5': 'half', '0.25': 'a quarter' }, usual: '0.5' },
  ...hungSkirtChoices,
  biasDrop: { kind: 'length', label: 'Raised on the bias', group: 'Skirt', help: 'where cloth hangs longer: the hem is level once it has hung', least: 0, most: inches(2), usual: 0 },
  hemTrim: { kind: 'option', label: 'Trim', group: 'Skirt', help: 'by the yard, along the hem', options: { none: 'none', hem: 'along the hem' }, usual: 'none' },
} as const satisfies Record<string, Choice>;

export type SkirtCircleChosen = ChosenOf<typeof skirtCircleChoices>;
