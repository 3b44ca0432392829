import { armholeChoices, belowWaistChoices, facedBodiceChoices } from '../faced-bodice/choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** A bodice by itself: with darts it is fitted, without them it hangs from the bust. */
// prettier-ignore
export const plainBodiceChoices = {
  darts: { kind: 'option', label: 'Shaped by', group: 'Bodice', help: 'without darts, give it ease at the waist', options: { darts: 'darts', side: 'the side alone' }, usual: 'darts' },
  ...belowWaistChoices,
  ...facedBodiceChoices,
  ...armholeChoices,
  armholeTight: { ...armholeChoices.armholeTight, when: { darts: 'darts' } },
} as const satisfies Record<string, Choice>;

export type PlainBodiceChosen = ChosenOf<typeof plainBodiceChoices>;
