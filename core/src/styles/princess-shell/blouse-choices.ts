import { inches } from '../../units/length.ts';
import type { Choice } from '../style.ts';

/** What a client chooses of any princess blouse that hangs to below the waist. Ranges and defaults are common practice. */
// prettier-ignore
export const blouseChoices = {
  neckWidth: { kind: 'length', label: 'Neck width', group: 'Neck', help: 'From the centre, on the half', least: inches(2), most: inches(6), usual: 'from-body' },
  neckDepthFront: { kind: 'length', label: 'Neck depth, front', group: 'Neck', help: 'Down from the start line', least: inches(2), most: inches(5), usual: inches(3) },
  neckDepthBack: { kind: 'length', label: 'Neck depth, back', group: 'Neck', help: 'Down from the start line', least: inches(0.5), most: inches(3), usual: inches(1) },
  length: { kind: 'length', label: 'Length at the side', group: 'Shape', help: 'Below the waist', least: inches(2), most: inches(8), usual: inches(4) },
  easeBust: { kind: 'length', label: 'Ease at bust', group: 'Ease', help: 'Finished less body', least: inches(1), most: inches(8), usual: inches(3) },
  easeWaist: { kind: 'length', label: 'Ease at waist', group: 'Ease', help: 'Finished less body', least: inches(1), most: inches(8), usual: inches(3) },
  easeHem: { kind: 'length', label: 'Ease at the hem', group: 'Ease', help: 'Finished less body there', least: 0, most: inches(10), usual: inches(3) },
} as const satisfies Record<string, Choice>;
