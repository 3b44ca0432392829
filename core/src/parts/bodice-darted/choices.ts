import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { armholeChoices, facedBodiceChoices } from '../faced-bodice/choices.ts';

/** Choices of a bodice's lower end, and of a hem below the waist. Ranges and defaults are common practice. */
// prettier-ignore
export const belowWaistChoices = {
  below: { kind: 'option', label: 'Ends', group: 'Bodice', help: 'below it, waist darts go on to a second tip', options: { waist: 'at the waist', hem: 'below the waist' }, usual: 'waist' },
  lengthBelow: { kind: 'length', label: 'Length at the side', group: 'Bodice', help: 'Below the waist', when: { below: 'hem' }, least: inches(2), most: inches(8), usual: inches(4) },
  easeHem: { kind: 'length', label: 'Ease at the hem', group: 'Ease', help: 'Finished less body there', when: { below: 'hem' }, least: 0, most: inches(10), usual: inches(2) },
} as const satisfies Record<string, Choice>;

export type BelowWaistChosen = ChosenOf<typeof belowWaistChoices>;

/** A bodice by itself: with darts it is fitted, without them it hangs from the bust. */
// prettier-ignore
export const bodiceDartedChoices = {
  darts: { kind: 'option', label: 'Shaped by', group: 'Bodice', help: 'without darts, give it ease at the waist', options: { darts: 'darts', side: 'the side alone' }, usual: 'darts' },
  ...belowWaistChoices,
  ...facedBodiceChoices,
  ...armholeChoices,
  armholeTight: { ...armholeChoices.armholeTight, when: { darts: 'darts' } },
} as const satisfies Record<string, Choice>;

export type BodiceDartedChosen = ChosenOf<typeof bodiceDartedChoices>;
