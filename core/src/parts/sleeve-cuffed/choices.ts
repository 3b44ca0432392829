import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { sleeveSetInChoices } from '../sleeve-set-in/choices.ts';

/** The cuff of any sleeve that has one. Ranges and defaults are common practice, here and below. */
// prettier-ignore
const cuffChoices = {
  cuffDepth: { kind: 'length', label: 'Cuff', group: 'Sleeve', help: 'Finished depth', least: inches(0.75), most: inches(6), usual: inches(2) },
  easeCuff: { kind: 'length', label: 'Ease at the cuff', group: 'Sleeve', help: 'Finished less arm there', least: inches(0.25), most: inches(8), usual: inches(1.5) },
  easeFullArm: { kind: 'length', label: 'Fullness at upper arm', group: 'Sleeve', help: 'Finished less arm', least: inches(1), most: inches(14), usual: 'from-body' },
} as const satisfies Record<string, Choice>;

/** A sleeve that is full into its cuff: a puff above the elbow, a bishop at the wrist. */
// prettier-ignore
export const sleeveCuffedChoices = {
  sleeveTo: sleeveSetInChoices.sleeveTo,
  sleeveLonger: { ...sleeveSetInChoices.sleeveLonger, usual: inches(1) },
  capGather: { kind: 'option', pictured: true, label: 'Cap', group: 'Sleeve', help: 'above the notches', options: { '1': 'eased in', '1.5': 'gathered 1½ to 1', '2': 'gathered 2 to 1' }, usual: '1' },
  easeFullCap: { ...sleeveSetInChoices.capEase, when: { capGather: '1' } },
  ...cuffChoices,
  cuffRatio: { kind: 'option', label: 'Gathered into the cuff', group: 'Sleeve', help: 'sleeve to cuff', options: { '1.25': '1¼ to 1', '1.5': '1½ to 1', '2': '2 to 1' }, usual: '1.5' },
  cuffOpens: { kind: 'option', label: 'Cuff', group: 'Closure', help: 'closed, the hand must pass it', options: { closed: 'closed', buttons: 'buttons, over a bound slit' }, usual: 'closed' },
} as const satisfies Record<string, Choice>;

export type SleeveCuffedChosen = ChosenOf<typeof sleeveCuffedChoices>;

/** A shirt's sleeve: to the wrist, laid in pleats into a cuff that buttons over a placket. */
// prettier-ignore
export const sleeveShirtChoices = {
  sleeveLonger: sleeveSetInChoices.sleeveLonger,
  capEase: { ...sleeveSetInChoices.capEase, usual: inches(0.25) },
  ...cuffChoices,
  cuffDepth: { ...cuffChoices.cuffDepth, usual: inches(2.5) },
  cuffPleats: { kind: 'option', label: 'Pleats at the cuff', group: 'Sleeve', help: 'laid towards the placket', options: { '1': 'one', '2': 'two', '3': 'three' }, usual: '2' },
  pleatDepth: { kind: 'length', label: 'Cuff pleat, deep', group: 'Sleeve', help: 'Folded; each takes twice that', least: inches(0.25), most: inches(1.25), usual: inches(0.5) },
} as const satisfies Record<string, Choice>;

export type SleeveShirtChosen = ChosenOf<typeof sleeveShirtChoices>;
