import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** Height of a collar, which follows from its manner unless it is chosen, and its raise. Ranges are common practice. */
// prettier-ignore
export const collarChoices = {
  collarHeight: { kind: 'length', label: 'Collar height', group: 'Neck', help: 'Finished', least: inches(0.75), most: inches(4), usual: 'from-body' },
  collarRaise: { kind: 'length', label: 'Collar raised in front', group: 'Neck', help: 'So that it lies to the neck', least: 0, most: inches(1), usual: inches(0.5) },
} as const satisfies Record<string, Choice>;

/** A shirt’s collar: a fall on a stand of its own. */
// prettier-ignore
export const collarShirtChoices = {
  collarHeight: collarChoices.collarHeight,
  collarRaise: collarChoices.collarRaise,
  standHeight: { kind: 'length', label: 'Stand of the collar', group: 'Neck', help: 'Finished', least: inches(0.75), most: inches(2), usual: inches(1.25) },
  collarPoint: { kind: 'length', label: 'Collar points, out by', group: 'Neck', help: 'Past its end at the stand', least: 0, most: inches(3), usual: inches(0.75) },
} as const satisfies Record<string, Choice>;

export type CollarShirtChosen = ChosenOf<typeof collarShirtChoices>;

export type CollarChosen = ChosenOf<typeof collarChoices>;
