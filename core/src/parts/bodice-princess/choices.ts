import { inches } from '../../units/length.ts';
import { armholeChoices, facedBodiceChoices } from '../faced-bodice/choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** Choices of a bustier: where its seams leave, and how they are shaped under the bust. Common practice. */
// prettier-ignore
export const bodicePrincessChoices = {
  seam: { kind: 'option', label: 'Seams from', group: 'Bodice', help: 'in front and behind', options: { armhole: 'the armhole', shoulder: 'the shoulder', neck: 'the neckline' }, usual: 'armhole' },
  underBust: { kind: 'option', label: 'Under the bust', group: 'Bodice', help: 'how the front’s seams are shaped', options: { straight: 'straight', build: 'by build', tape: 'by the tape' }, usual: 'tape' },
  ...facedBodiceChoices,
  ...armholeChoices,
  easeUnderBust: { kind: 'length', label: 'Ease under the bust', group: 'Ease', help: 'Finished less body there', when: { underBust: 'tape' }, least: 0, most: inches(4), usual: inches(1) },
} as const satisfies Record<string, Choice>;

export type BodicePrincessChosen = ChosenOf<typeof bodicePrincessChoices>;
