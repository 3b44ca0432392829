import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** Length and ease of a set-in sleeve. Ranges and defaults are common practice. */
// prettier-ignore
export const sleeveSetInChoices = {
  sleeveTo: { kind: 'option', pictured: true, label: 'Sleeve to', group: 'Sleeve', help: 'where it ends on the arm', options: { short: 'above the elbow', elbow: 'the elbow', wrist: 'the wrist' }, usual: 'wrist' },
  sleeveLonger: { kind: 'length', label: 'Longer by', group: 'Sleeve', help: 'than to there', least: 0, most: inches(4), usual: 0 },
  capEase: { kind: 'length', label: 'Ease in the cap', group: 'Sleeve', help: 'eased in above the notches', least: 0, most: inches(2), usual: inches(1) },
  easeUpperArm: { kind: 'length', label: 'Ease at upper arm', group: 'Sleeve', help: 'Finished less arm', least: inches(0.5), most: inches(8), usual: inches(2) },
  easeSleeveEnd: { kind: 'length', label: 'Ease at its end', group: 'Sleeve', help: 'Finished less arm there', least: inches(0.25), most: inches(8), usual: inches(1.5) },
} as const satisfies Record<string, Choice>;

export type SleeveSetInChosen = ChosenOf<typeof sleeveSetInChoices>;
