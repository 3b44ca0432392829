import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { sleeveSetInChoices } from '../sleeve-set-in/choices.ts';

/** A sleeve under flounces that cover one another. Ranges and defaults are common practice. */
// prettier-ignore
export const sleeveFlouncedChoices = {
  sleeveTo: { ...sleeveSetInChoices.sleeveTo, usual: 'elbow' },
  sleeveLonger: sleeveSetInChoices.sleeveLonger,
  capEase: sleeveSetInChoices.capEase,
  easeUpperArm: sleeveSetInChoices.easeUpperArm,
  flounces: { kind: 'option', pictured: true, label: 'Flounces', group: 'Sleeve', help: 'of equal depth', options: { '2': 'two', '3': 'three', '4': 'four' }, usual: '3' },
  flounceDepth: { kind: 'length', label: 'Flounce, deep', group: 'Sleeve', help: 'Finished; more than what shows, so that they cover one another', least: inches(1.5), most: inches(10), usual: inches(3.5) },
  flounceCircle: { kind: 'option', label: 'Cut of', group: 'Sleeve', help: 'part of a circle', options: { '0.5': 'half a circle', '0.75': 'three quarters' }, usual: '0.75' },
} as const satisfies Record<string, Choice>;

export type SleeveFlouncedChosen = ChosenOf<typeof sleeveFlouncedChoices>;
