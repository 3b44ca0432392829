import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** A flat ring around the armhole. Ranges and defaults are common practice. */
// prettier-ignore
export const sleeveRingChoices = {
  ringOn: { kind: 'option', label: 'Ring', group: 'Sleeve', help: 'on both arms or on one', options: { both: 'on both arms', left: 'on the left arm', right: 'on the right arm' }, usual: 'both' },
  ringCircle: { kind: 'option', label: 'Ring cut of', group: 'Sleeve', help: 'part of a circle', options: { '1': 'a whole one', '0.75': 'three quarters', '0.5': 'half' }, usual: '1' },
  ringDepth: { kind: 'length', label: 'Ring, deep', group: 'Sleeve', help: 'Under the arm', least: inches(1), most: inches(10), usual: inches(3) },
  ringLetOut: { kind: 'length', label: 'Deeper on the shoulder', group: 'Sleeve', help: 'Let out on that side by', least: 0, most: inches(6), usual: inches(2) },
} as const satisfies Record<string, Choice>;

export type SleeveRingChosen = ChosenOf<typeof sleeveRingChoices>;
