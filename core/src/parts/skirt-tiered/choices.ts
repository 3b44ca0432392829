import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { hungSkirtChoices } from '../hung-skirt/choices.ts';

/** Tiers of a skirt and how full each is. Common practice: 1½ to 2½ in cloth; more than 1¾ on every tier is more cloth than a skirt carries. */
// prettier-ignore
export const skirtTieredChoices = {
  tiers: { kind: 'option', pictured: true, label: 'Tiers', group: 'Skirt', help: 'of equal depth', options: { '2': 'two', '3': 'three', '4': 'four' }, usual: '3' },
  tierRatio: { kind: 'option', label: 'Gathered', group: 'Skirt', help: 'each tier to the one above', options: { '1.25': '1¼ to 1', '1.5': '1½ to 1', '1.75': '1¾ to 1' }, usual: '1.5' },
  tierLining: { kind: 'option', label: 'Lined with', group: 'Layers', help: 'shorter than the skirt, sewn in at the waist', options: { none: 'nothing', '0.5': 'half a circle', '1': 'a whole circle' }, usual: 'none' },
  skirtLength: hungSkirtChoices.skirtLength,
} as const satisfies Record<string, Choice>;

export type SkirtTieredChosen = ChosenOf<typeof skirtTieredChoices>;
