import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** Depth and ease of a waistband. Ranges and defaults are common practice. */
// prettier-ignore
export const bodiceWaistbandChoices = {
  bandHeight: { kind: 'length', label: 'Band, finished', group: 'Bodice', help: 'Its depth above the waist seam', least: inches(0.75), most: inches(4), usual: inches(1.25) },
  easeWaist: { kind: 'length', label: 'Ease at waist', group: 'Ease', help: 'Finished less body', least: 0, most: inches(4), usual: inches(0.5) },
} as const satisfies Record<string, Choice>;

export type BodiceWaistbandChosen = ChosenOf<typeof bodiceWaistbandChoices>;
