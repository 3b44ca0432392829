import { inches } from '../../units/length.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';
import type { Choice } from '../../garment/choice.ts';

const { neckWidth, neckDepthFront, neckDepthBack, easeBust, easeWaist } = facedBodiceChoices;

/** The hem of a top below the waist. Ranges and defaults are common practice, here and below. */
// prettier-ignore
export const hemChoices = {
  length: { kind: 'length', label: 'Length at the side', group: 'Bodice', help: 'Below the waist', least: inches(1), most: inches(8), usual: inches(4) },
  easeHem: { kind: 'length', label: 'Ease at the hem', group: 'Ease', help: 'Finished less body there', least: 0, most: inches(10), usual: inches(2) },
} as const satisfies Record<string, Choice>;

/** A neck that lies high and round, for a collar or under a net. */
export const highNeckChoices = {
  neckWidth,
  neckDepthFront: { ...neckDepthFront, most: inches(5), usual: inches(3) },
  neckDepthBack: { ...neckDepthBack, most: inches(3), usual: inches(1) },
} as const satisfies Record<string, Choice>;

/** A princess blouse that hangs to below the waist. */
export const blouseChoices = {
  ...highNeckChoices,
  length: hemChoices.length,
  easeBust: { ...easeBust, least: inches(1), usual: inches(3) },
  easeWaist: { ...easeWaist, least: inches(1), usual: inches(3) },
  easeHem: { ...hemChoices.easeHem, usual: inches(3) },
} as const satisfies Record<string, Choice>;

/** An edge below the shoulders, all round. */
// prettier-ignore
export const topEdgeChoices = {
  topEdge: { kind: 'option', pictured: true, label: 'Top edge', group: 'Neck', help: 'in front', options: { straight: 'straight', sweetheart: 'sweetheart' }, usual: 'sweetheart' },
  topLevel: { kind: 'length', label: 'Top edge, down', group: 'Neck', help: 'From the start line, over the bust', least: inches(3), most: inches(9), usual: 'from-body' },
  dip: { kind: 'length', label: 'Dip at the centre', group: 'Neck', help: 'Of a sweetheart, below its peaks', least: inches(0.5), most: inches(2.5), usual: inches(1.25) },
  topBack: { kind: 'length', label: 'Back lower by', group: 'Neck', help: 'Below the front’s top edge, at the centre', least: 0, most: inches(4), usual: inches(1) },
} as const satisfies Record<string, Choice>;
