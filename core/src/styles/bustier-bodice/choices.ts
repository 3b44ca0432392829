import { facedBodiceChoices } from '../faced-bodice/choices.ts';
import type { Choice, ChosenOf } from '../style.ts';

/** The seams shape it: nothing is chosen but the neck and how close it sits. */
export const bustierBodiceChoices = { ...facedBodiceChoices } as const satisfies Record<string, Choice>;

export type BustierBodiceChosen = ChosenOf<typeof bustierBodiceChoices>;
