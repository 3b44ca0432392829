import { inches } from '../../units/length.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** Choices of a surplice: fronts that cross. Ranges and defaults are common practice. */
// prettier-ignore
export const bodiceCrossedChoices = {
  neckWidth: facedBodiceChoices.neckWidth,
  neckDepthFront: { kind: 'length', label: 'Fronts cross at', group: 'Neck', help: 'Down at the centre', least: inches(4), most: inches(12), usual: 'from-body' },
  neckDepthBack: { kind: 'length', label: 'Back open down to', group: 'Neck', help: 'At the centre back', least: inches(1), most: inches(14), usual: inches(8) },
  overlap: { kind: 'length', label: 'Overlap', group: 'Bodice', help: 'Each front past the centre, at the hem', least: inches(1.5), most: inches(5), usual: inches(3) },
  shorter: { kind: 'length', label: 'Above the waist', group: 'Bodice', help: 'Where it ends', least: inches(0.5), most: inches(5), usual: inches(1.5) },
  belt: { kind: 'length', label: 'Tie belt', group: 'Closure', help: 'Finished width', least: inches(0.75), most: inches(4), usual: inches(1.5) },
  beltTimes: { kind: 'option', label: 'Belt length', group: 'Closure', help: 'times the waist', options: { '2.5': '2½', '3': '3' }, usual: '2.5' },
  easeBust: { ...facedBodiceChoices.easeBust, usual: inches(2) },
  easeHem: { kind: 'length', label: 'Ease at the hem', group: 'Ease', help: 'Finished less body there', least: 0, most: inches(6), usual: inches(1.5) },
} as const satisfies Record<string, Choice>;

export type BodiceCrossedChosen = ChosenOf<typeof bodiceCrossedChoices>;
