import { inches } from '../../units/length.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';
import { highNeckChoices } from '../princess-shell/shell-choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** Choices of a shirt bodice with a cut-out. Ranges and defaults are common practice. */
// prettier-ignore
export const bodicePlacketChoices = {
  ...highNeckChoices,
  cutDepth: { kind: 'length', label: 'Cut-out, deep', group: 'Bodice', help: 'Below the neck, at the front edge', least: inches(1.5), most: inches(7), usual: inches(3.5) },
  wedge: { kind: 'length', label: 'Cut-out, at the neck', group: 'Bodice', help: 'Taken out of the neckline', least: inches(0.25), most: inches(2), usual: inches(0.75) },
  placket: { kind: 'length', label: 'Placket', group: 'Closure', help: 'Finished width', least: inches(0.75), most: inches(2), usual: inches(1) },
  buttons: { kind: 'option', label: 'Buttons', group: 'Closure', help: 'On the placket, evenly spaced', options: { '3': '3', '4': '4', '5': '5', '6': '6', '7': '7' }, usual: '5' },
  easeBust: facedBodiceChoices.easeBust,
  easeWaist: facedBodiceChoices.easeWaist,
} as const satisfies Record<string, Choice>;

export type BodicePlacketChosen = ChosenOf<typeof bodicePlacketChoices>;
