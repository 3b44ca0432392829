import { inches } from '../../units/length.ts';
import type { Choice, ChosenOf } from '../style.ts';

/** What a client chooses of a waistcoat. Ranges and defaults are common practice. */
// prettier-ignore
export const waistcoatChoices = {
  hem: { kind: 'option', label: 'Hem in front', group: 'Shape', help: 'points fall below the side', options: { points: 'points', straight: 'straight' }, usual: 'points' },
  neckWidth: { kind: 'length', label: 'Neck width', group: 'Neck', help: 'From the centre, on the half', least: inches(2), most: inches(6), usual: 'from-body' },
  neckDepthFront: { kind: 'length', label: 'V down to', group: 'Neck', help: 'At the front edge; usually the chest line', least: inches(4), most: inches(14), usual: 'from-body' },
  neckDepthBack: { kind: 'length', label: 'Neck depth, back', group: 'Neck', help: 'Down from the start line', least: inches(0.5), most: inches(4), usual: inches(1) },
  neckDart: { kind: 'length', label: 'Neck dart', group: 'Neck', help: 'Taken in where the last one gaped', least: 0, most: inches(1), usual: 0 },
  stand: { kind: 'length', label: 'Button stand', group: 'Shape', help: 'Past the centre', least: inches(0.5), most: inches(3), usual: inches(1.5) },
  length: { kind: 'length', label: 'Length at the side', group: 'Shape', help: 'Below the waist', least: inches(1), most: inches(7), usual: inches(3) },
  pointLower: { kind: 'length', label: 'Points lower by', group: 'Shape', help: 'Than the side’s hem', least: inches(1), most: inches(6), usual: inches(4) },
  pointOut: { kind: 'length', label: 'Points out by', group: 'Shape', help: 'From the centre', least: inches(1), most: inches(3.5), usual: inches(3) },
  easeBust: { kind: 'length', label: 'Ease at bust', group: 'Ease', help: 'Finished less body', least: inches(1), most: inches(8), usual: inches(3) },
  easeWaist: { kind: 'length', label: 'Ease at waist', group: 'Ease', help: 'Finished less body', least: inches(1), most: inches(8), usual: inches(2.5) },
  easeHem: { kind: 'length', label: 'Ease at the hem', group: 'Ease', help: 'Finished less body there', least: 0, most: inches(8), usual: inches(2) },
} as const satisfies Record<string, Choice>;

export type WaistcoatChosen = ChosenOf<typeof waistcoatChoices>;
