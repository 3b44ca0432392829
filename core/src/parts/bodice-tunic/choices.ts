import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';

/** A tunic in one from the shoulder to its hem. Ranges and defaults are common practice. */
// prettier-ignore
export const bodiceTunicChoices = {
  darts: { kind: 'option', label: 'Shaped by', group: 'Bodice', help: 'without darts it hangs from the bust', options: { darts: 'darts', side: 'the side alone' }, usual: 'darts' },
  tunicLength: { kind: 'length', label: 'Length', group: 'Bodice', help: 'Below the waist, at the side', least: inches(4), most: inches(44), usual: 'from-body' },
  tunicFlare: { kind: 'length', label: 'A-line, out at the hem', group: 'Bodice', help: 'Each quarter, past the line over the hip', least: 0, most: inches(8), usual: inches(1) },
  sideSlit: { kind: 'length', label: 'Side slits', group: 'Bodice', help: 'Up from the hem', least: 0, most: inches(24), usual: inches(7) },
  tunicOpens: { kind: 'option', label: 'Put on', group: 'Closure', help: 'over the head, the neck must pass it', options: { zip: 'by a zip behind', head: 'over the head' }, usual: 'zip' },
  ...facedBodiceChoices,
  easeBust: { ...facedBodiceChoices.easeBust, usual: inches(4) },
  easeWaist: { ...facedBodiceChoices.easeWaist, most: inches(16), usual: inches(6) },
  easeHip: { kind: 'length', label: 'Ease at hip', group: 'Ease', help: 'Finished less body, at least', least: inches(1), most: inches(12), usual: inches(4) },
} as const satisfies Record<string, Choice>;

export type BodiceTunicChosen = ChosenOf<typeof bodiceTunicChoices>;
