import { inches } from '../../units/length.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** Choices of a top with one shoulder. Ranges and defaults are common practice. */
// prettier-ignore
export const bodiceOneShoulderChoices = {
  shoulder: { kind: 'option', label: 'Shoulder', group: 'Bodice', help: 'the one that stays, as she wears it', options: { left: 'left', right: 'right' }, usual: 'left' },
  bareSideLower: { kind: 'length', label: 'Bare side, lower', group: 'Bodice', help: 'Than the underarm', least: 0, most: inches(4), usual: inches(0.5) },
  neckWidth: { ...facedBodiceChoices.neckWidth, help: 'Where the edge leaves the shoulder, on the half' },
  easeBust: { ...facedBodiceChoices.easeBust, most: inches(4), usual: inches(1) },
  easeWaist: { ...facedBodiceChoices.easeWaist, most: inches(4), usual: inches(1) },
} as const satisfies Record<string, Choice>;

export type BodiceOneShoulderChosen = ChosenOf<typeof bodiceOneShoulderChoices>;
