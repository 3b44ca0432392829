import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { skirtFittedChoices } from '../skirt-fitted/choices.ts';

/** Length, widths and crotch depth of trousers. Ranges and defaults are common practice. */
// prettier-ignore
export const trousersChoices = {
  easeHip: skirtFittedChoices.easeHip,
  trouserLength: { kind: 'length', label: 'Length', group: 'Skirt', help: 'Waist seam to finished hem, at the side', least: inches(16), most: inches(52), usual: 'from-body' },
  legKnee: { kind: 'length', label: 'Leg at the knee', group: 'Skirt', help: 'Round, finished', least: inches(9), most: inches(44), usual: 'from-body' },
  legHem: { kind: 'length', label: 'Leg at the hem', group: 'Skirt', help: 'Round, finished', least: inches(8), most: inches(60), usual: inches(17) },
  crotchEase: { kind: 'length', label: 'Crotch, deeper by', group: 'Ease', help: '½ on a band, 1 to 1½ under a bodice', least: 0, most: inches(3), usual: inches(0.5) },
} as const satisfies Record<string, Choice>;

export type TrousersChosen = ChosenOf<typeof trousersChoices>;
