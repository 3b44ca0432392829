import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { hungSkirtChoices } from '../hung-skirt/choices.ts';

/** How full a gathered skirt is, its length and panels. Common practice: 1½ to 2½ for cloth. */
// prettier-ignore
export const skirtGatheredChoices = {
  skirtRatio: { kind: 'option', pictured: true, label: 'Gathered', group: 'Skirt', help: 'skirt to waist', options: { '1.5': '1½ to 1', '2': '2 to 1', '2.5': '2½ to 1' }, usual: '2' },
  ...hungSkirtChoices,
} as const satisfies Record<string, Choice>;

export type SkirtGatheredChosen = ChosenOf<typeof skirtGatheredChoices>;
