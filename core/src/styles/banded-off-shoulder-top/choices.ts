import { inches } from '../../units/length.ts';
import type { Choice, ChosenOf } from '../style.ts';

/** What a client chooses of an off-shoulder top. Ranges and defaults are common practice. */
// prettier-ignore
export const bandedOffShoulderTopChoices = {
  topEdge: { kind: 'option', label: 'Top edge', group: 'Shape', help: 'in front', options: { straight: 'straight', sweetheart: 'sweetheart' }, usual: 'sweetheart' },
  backEdge: { kind: 'option', label: 'Back edge', group: 'Shape', help: 'behind', options: { straight: 'straight', v: 'V' }, usual: 'straight' },
  topLevel: { kind: 'length', label: 'Off-shoulder level', group: 'Neck', help: 'Down from the start line', least: inches(3), most: inches(9), usual: 'from-body' },
  dip: { kind: 'length', label: 'Dip at the centre', group: 'Neck', help: 'Of a sweetheart, below its peaks', least: inches(0.5), most: inches(2), usual: inches(1.25) },
  topBack: { kind: 'length', label: 'Back lower by', group: 'Neck', help: 'Than the front’s level', least: 0, most: inches(3), usual: inches(1) },
  backDip: { kind: 'length', label: 'Dip of the back’s V', group: 'Neck', help: 'At the centre', least: inches(0.5), most: inches(2.5), usual: inches(1.5) },
  band: { kind: 'length', label: 'Arm band', group: 'Shape', help: 'Finished depth', least: inches(0.75), most: inches(5), usual: inches(1.5) },
  length: { kind: 'length', label: 'Length at the side', group: 'Shape', help: 'Below the waist', least: inches(1), most: inches(8), usual: inches(4) },
  easeBust: { kind: 'length', label: 'Ease at bust', group: 'Ease', help: 'Finished less body', least: 0, most: inches(6), usual: inches(1) },
  easeWaist: { kind: 'length', label: 'Ease at waist', group: 'Ease', help: 'Finished less body', least: 0, most: inches(6), usual: inches(1) },
  easeHem: { kind: 'length', label: 'Ease at the hem', group: 'Ease', help: 'Finished less body there', least: 0, most: inches(8), usual: inches(1.5) },
} as const satisfies Record<string, Choice>;

export type BandedOffShoulderTopChosen = ChosenOf<typeof bandedOffShoulderTopChoices>;
