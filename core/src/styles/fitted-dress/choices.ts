import { necklineShapes } from '../../drafting/bodice/neckline.ts';
import { inches } from '../../units/length.ts';
import type { Choice, ChosenOf } from '../style.ts';

/** Ranges and defaults are common practice for a sleeveless fitted dress. */
// prettier-ignore
export const fittedDressChoices = {
  neckline: { kind: 'option', label: 'Neckline', group: 'Neck', help: 'In front; the back is round', options: necklineShapes, usual: 'round' },
  neckWidth: { kind: 'length', label: 'Neck width', group: 'Neck', help: 'From the centre, on the half', least: inches(2), most: inches(6), usual: 'from-body' },
  neckDepthFront: { kind: 'length', label: 'Neck depth, front', group: 'Neck', help: 'Down from the start line', least: inches(2), most: inches(9), usual: inches(3.5) },
  neckDepthBack: { kind: 'length', label: 'Neck depth, back', group: 'Neck', help: 'Down from the start line', least: inches(0.5), most: inches(8), usual: inches(1.5) },
  easeBust: { kind: 'length', label: 'Ease at bust', group: 'Ease', help: 'Finished less body', least: 0, most: inches(8), usual: inches(2) },
  easeWaist: { kind: 'length', label: 'Ease at waist', group: 'Ease', help: 'Finished less body', least: 0, most: inches(8), usual: inches(1.5) },
  easeHip: { kind: 'length', label: 'Ease at hip', group: 'Ease', help: 'Finished less body', least: inches(0.5), most: inches(10), usual: inches(2) },
  length: { kind: 'length', label: 'Length', group: 'Skirt', help: 'Start line to finished hem', least: inches(18), most: inches(66), usual: 'from-body' },
  pegging: { kind: 'length', label: 'Pegging', group: 'Skirt', help: 'In, each quarter of the hem', least: 0, most: inches(3), usual: inches(1) },
  slit: { kind: 'length', label: 'Slit', group: 'Skirt', help: 'Up from the hem, centre back', least: 0, most: inches(36), usual: 'from-body' },
} as const satisfies Record<string, Choice>;

export type FittedDressChosen = ChosenOf<typeof fittedDressChoices>;
