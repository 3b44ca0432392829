import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { sleeveSetInChoices } from '../sleeve-set-in/choices.ts';

/** A sleeve that bends with the arm: how it is shaped at the elbow. Ranges and defaults are common practice. */
// prettier-ignore
export const sleeveFittedChoices = {
  elbowBy: { kind: 'option', pictured: true, label: 'Bent at the elbow', group: 'Sleeve', help: 'so that it hangs forward with the arm', options: { dart: 'by a dart', pieces: 'in two pieces' }, usual: 'dart' },
  elbowOpen: { kind: 'length', label: 'Opened at the elbow', group: 'Sleeve', help: 'At the back seam; more bends it further', least: inches(0.25), most: inches(2), usual: inches(1) },
  sleeveLonger: sleeveSetInChoices.sleeveLonger,
  capEase: sleeveSetInChoices.capEase,
  easeUpperArm: { ...sleeveSetInChoices.easeUpperArm, usual: inches(1.75) },
  easeSleeveEnd: { ...sleeveSetInChoices.easeSleeveEnd, usual: inches(1.5) },
} as const satisfies Record<string, Choice>;

export type SleeveFittedChosen = ChosenOf<typeof sleeveFittedChoices>;
