import { necklineShapes } from '../../drafting/bodice/neckline.ts';
import type { Choice } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** Choices of any sleeveless bodice with a neckline. Ranges and defaults are common practice. */
// prettier-ignore
export const facedBodiceChoices = {
  neckline: { kind: 'option', pictured: true, label: 'Neckline', group: 'Neck', help: 'in front; the back is round', options: necklineShapes, usual: 'round' },
  neckWidth: { kind: 'length', label: 'Neck width', group: 'Neck', help: 'From the centre, on the half', least: inches(2), most: inches(6), usual: 'from-body' },
  neckDepthFront: { kind: 'length', label: 'Neck depth, front', group: 'Neck', help: 'Down from the start line', least: inches(2), most: inches(9), usual: inches(3.5) },
  neckDepthBack: { kind: 'length', label: 'Neck depth, back', group: 'Neck', help: 'Down from the start line', least: inches(0.5), most: inches(8), usual: inches(1.5) },
  easeBust: { kind: 'length', label: 'Ease at bust', group: 'Ease', help: 'Finished less body', least: 0, most: inches(8), usual: inches(2) },
  easeWaist: { kind: 'length', label: 'Ease at waist', group: 'Ease', help: 'Finished less body', least: 0, most: inches(8), usual: inches(1.5) },
} as const satisfies Record<string, Choice>;

/** Choices of a sleeveless armhole. Common practice: ½ to ¾ lower, a wedge of up to 1 to 2 in all for an edge that lies close. */
// prettier-ignore
export const armholeChoices = {
  armholeLower: { kind: 'length', label: 'Armhole lower', group: 'Bodice', help: 'Down the side', least: 0, most: inches(1.5), usual: 0 },
  armholeTight: { kind: 'length', label: 'Armhole tighter', group: 'Bodice', help: 'In front, a wedge into the bust dart', least: 0, most: inches(1), usual: 0 },
} as const satisfies Record<string, Choice>;
