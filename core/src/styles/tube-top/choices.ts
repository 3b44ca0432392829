import { inches } from '../../units/length.ts';
import type { Choice, ChosenOf } from '../style.ts';

/** What a client chooses of a strapless top. Ranges and defaults are common practice. */
// prettier-ignore
export const tubeTopChoices = {
  topEdge: { kind: 'option', label: 'Top edge', group: 'Shape', help: 'in front', options: { straight: 'straight', sweetheart: 'sweetheart' }, usual: 'sweetheart' },
  cups: { kind: 'option', label: 'Cups', group: 'Shape', help: 'an arc under the bust', options: { none: 'no seam', seam: 'cup seam' }, usual: 'seam' },
  topLevel: { kind: 'length', label: 'Top edge, down', group: 'Neck', help: 'From the start line, over the bust', least: inches(3.5), most: inches(9), usual: 'from-body' },
  dip: { kind: 'length', label: 'Dip at the centre', group: 'Neck', help: 'Of a sweetheart, below its peaks', least: inches(0.5), most: inches(2.5), usual: inches(1.25) },
  topBack: { kind: 'length', label: 'Back lower by', group: 'Neck', help: 'Below the front’s top edge, at the centre', least: 0, most: inches(4), usual: inches(1) },
  topSide: { kind: 'length', label: 'Below the underarm', group: 'Neck', help: 'Where the top edge meets the side', least: 0, most: inches(2), usual: inches(0.5) },
  easeBust: { kind: 'length', label: 'Ease at bust', group: 'Ease', help: 'Finished less body', least: 0, most: inches(4), usual: inches(0.5) },
  easeUnderBust: { kind: 'length', label: 'Ease under the bust', group: 'Ease', help: 'Finished less body', least: 0, most: inches(4), usual: inches(0.25) },
  easeWaist: { kind: 'length', label: 'Ease at waist', group: 'Ease', help: 'Finished less body', least: 0, most: inches(4), usual: inches(0.75) },
} as const satisfies Record<string, Choice>;

export type TubeTopChosen = ChosenOf<typeof tubeTopChoices>;
