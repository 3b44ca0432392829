import { inches } from '../../units/length.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';
import { topEdgeChoices } from '../princess-shell/shell-choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

const { topEdge, ...topEdgeLengths } = topEdgeChoices;

/** Choices of a strapless top. Ranges and defaults are common practice. */
// prettier-ignore
export const bodiceStraplessChoices = {
  topEdge,
  cups: { kind: 'option', label: 'Cups', group: 'Bodice', help: 'an arc under the bust', options: { none: 'no seam', seam: 'cup seam' }, usual: 'seam' },
  ...topEdgeLengths,
  topSide: { kind: 'length', label: 'Below the underarm', group: 'Neck', help: 'Where the top edge meets the side', least: 0, most: inches(2), usual: inches(0.25) },
  topHeld: { kind: 'option', label: 'Top edge held', group: 'Neck', help: 'so that it does not slide', options: { contour: 'by its cut', boning: 'by its cut and bones', elastic: 'by elastic' }, usual: 'boning' },
  topPull: { kind: 'length', label: 'Top edge, tighter by', group: 'Ease', help: 'Than the round above the bust', least: 0, most: inches(3), usual: inches(0.5) },
  backOpens: { kind: 'option', pictured: true, label: 'Back', group: 'Closure', help: 'to the waist', options: { zip: 'a zip', laced: 'laced' }, usual: 'zip' },
  laceGap: { kind: 'length', label: 'Gap under the lace', group: 'Closure', help: 'At the top edge; it closes towards the waist', when: { backOpens: 'laced' }, least: inches(0.5), most: inches(6), usual: inches(2.5) },
  laceLoops: { kind: 'option', label: 'Loops on each side', group: 'Closure', help: 'the lace crosses between them', when: { backOpens: 'laced' }, options: { '5': '5', '7': '7', '9': '9' }, usual: '7' },
  laceWidth: { kind: 'length', label: 'Lace', group: 'Closure', help: 'Finished width', when: { backOpens: 'laced' }, least: inches(0.25), most: inches(1), usual: inches(0.375) },
  easeBust: { ...facedBodiceChoices.easeBust, most: inches(4), usual: inches(0.5) },
  easeUnderBust: { kind: 'length', label: 'Ease under the bust', group: 'Ease', help: 'Finished less body', least: 0, most: inches(4), usual: inches(0.25) },
  easeWaist: { ...facedBodiceChoices.easeWaist, most: inches(4), usual: inches(0.75) },
} as const satisfies Record<string, Choice>;

export type BodiceStraplessChosen = ChosenOf<typeof bodiceStraplessChoices>;
