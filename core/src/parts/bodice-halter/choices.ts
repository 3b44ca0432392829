import { inches } from '../../units/length.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** Choices of a halter. Ranges and defaults are common practice: 3 to 3½ down at the centre, a small strap. */
// prettier-ignore
export const bodiceHalterChoices = {
  ...facedBodiceChoices,
  neckDepthFront: { ...facedBodiceChoices.neckDepthFront, usual: inches(3.25) },
  neckDepthBack: { kind: 'length', label: 'Back neck depth', group: 'Neck', help: 'The back is open; it balances the side', least: inches(0.5), most: inches(2), usual: inches(0.75) },
  strap: { kind: 'length', label: 'Strap', group: 'Neck', help: 'Width left on the shoulder', least: inches(0.5), most: inches(3), usual: inches(1) },
  lower: { kind: 'length', label: 'Armhole lower', group: 'Bodice', help: 'Below the underarm, at the side', least: 0, most: inches(3), usual: inches(0.75) },
  halterBack: { kind: 'option', pictured: true, label: 'Back', group: 'Bodice', help: 'a skirt hangs from a band', options: { laced: 'open, laced', band: 'a band above the waist' }, usual: 'laced' },
  backBand: { kind: 'length', label: 'Band behind', group: 'Bodice', help: 'Its depth above the waist', when: { halterBack: 'band' }, least: inches(1), most: inches(4), usual: inches(2) },
  loops: { kind: 'option', label: 'Loops on each side', group: 'Closure', help: 'the ties run through them', when: { halterBack: 'laced' }, options: { '3': '3', '4': '4', '5': '5', '6': '6' }, usual: '4' },
  tieWidth: { kind: 'length', label: 'Ties', group: 'Closure', help: 'Finished width', least: inches(0.25), most: inches(1.5), usual: inches(0.375) },
} as const satisfies Record<string, Choice>;

export type BodiceHalterChosen = ChosenOf<typeof bodiceHalterChoices>;
