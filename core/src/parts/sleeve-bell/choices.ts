import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { sleeveSetInChoices } from '../sleeve-set-in/choices.ts';

/** The end of the upper sleeve, and the flare that is sewn to it. Ranges and defaults are common practice. */
// prettier-ignore
export const sleeveBellChoices = {
  ...sleeveSetInChoices,
  sleeveTo: { ...sleeveSetInChoices.sleeveTo, usual: 'elbow' },
  bellCircle: { kind: 'option', label: 'Flare', group: 'Sleeve', help: 'part of a circle', options: { '0.25': 'a quarter', '0.5': 'half', '0.75': 'three quarters' }, usual: '0.5' },
  bellDepth: { kind: 'length', label: 'Flare, deep', group: 'Sleeve', help: 'From the upper sleeve to its hem', least: inches(2), most: inches(16), usual: inches(8) },
  bellTrim: { kind: 'option', label: 'Trim', group: 'Sleeve', help: 'by the yard, along the flare’s hem', options: { none: 'none', hem: 'along the hem' }, usual: 'none' },
} as const satisfies Record<string, Choice>;

export type SleeveBellChosen = ChosenOf<typeof sleeveBellChoices>;
