import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { hungSkirtChoices } from '../hung-skirt/choices.ts';

/** Pleats of a skirt, all around. Ranges and defaults are common practice. */
// prettier-ignore
export const skirtPleatedChoices = {
  skirtPleats: { kind: 'option', pictured: true, label: 'Pleats', group: 'Skirt', help: 'in each quarter, laid towards the side', options: { '2': 'two', '3': 'three', '4': 'four', '6': 'six' }, usual: '4' },
  skirtPleat: { kind: 'length', label: 'Pleat, deep', group: 'Skirt', help: 'Folded; each takes twice that', least: inches(0.5), most: inches(3), usual: inches(1.25) },
  skirtLength: hungSkirtChoices.skirtLength,
} as const satisfies Record<string, Choice>;

export type SkirtPleatedChosen = ChosenOf<typeof skirtPleatedChoices>;
