import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { hungSkirtChoices } from '../hung-skirt/choices.ts';

/** Layers of net over half a circle. Ranges and defaults are common practice: net takes far more than cloth, up to 10 to 1. */
// prettier-ignore
export const skirtBallChoices = {
  netLayers: { kind: 'option', pictured: true, label: 'Layers of net', group: 'Layers', help: 'over half a circle of the outer', options: { '1': 'one', '2': 'two', '3': 'three', '4': 'four', '6': 'six' }, usual: '3' },
  netRatio: { kind: 'option', label: 'Net gathered', group: 'Layers', help: 'each layer to the waist', options: { '3': '3 to 1', '5': '5 to 1', '8': '8 to 1' }, usual: '5' },
  skirtLength: hungSkirtChoices.skirtLength,
} as const satisfies Record<string, Choice>;

export type SkirtBallChosen = ChosenOf<typeof skirtBallChoices>;
