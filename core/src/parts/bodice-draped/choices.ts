import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { bodicePrincessChoices } from '../bodice-princess/choices.ts';

/** Choices of the drape that crosses over a princess bodice. Common practice. */
// prettier-ignore
export const bodiceDrapedChoices = {
  ...bodicePrincessChoices,
  drapeTight: { kind: 'length', label: 'Drape tighter', group: 'Layers', help: 'Than the line it lies along, front and back each', least: inches(0.5), most: inches(3), usual: inches(1.5) },
  drapeGather: { kind: 'option', label: 'Drape gathered', group: 'Layers', help: 'to what it covers', options: { '1.5': '1½ to 1', '2': '2 to 1', '3': '3 to 1' }, usual: '1.5' },
} as const satisfies Record<string, Choice>;

export type BodiceDrapedChosen = ChosenOf<typeof bodiceDrapedChoices>;
