import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** Ease, length and line of a fitted skirt. Ranges and defaults are common practice. */
// prettier-ignore
export const skirtFittedChoices = {
  easeHip: { kind: 'length', label: 'Ease at hip', group: 'Ease', help: 'Finished less body', least: inches(0.5), most: inches(10), usual: inches(2) },
  length: { kind: 'length', label: 'Length', group: 'Skirt', help: 'Start line to finished hem', least: inches(18), most: inches(66), usual: 'from-body' },
  skirtLine: { kind: 'option', pictured: true, label: 'Line', group: 'Skirt', help: 'from the hip to the hem', options: { pegged: 'straight or pegged', aline: 'A-line' }, usual: 'pegged' },
  pegging: { kind: 'length', label: 'Pegging', group: 'Skirt', help: 'In, each quarter of the hem', when: { skirtLine: 'pegged' }, least: 0, most: inches(3), usual: inches(1) },
  flare: { kind: 'length', label: 'Flare', group: 'Skirt', help: 'Out, each quarter of the hem', when: { skirtLine: 'aline' }, least: inches(0.5), most: inches(8), usual: inches(2.5) },
  slit: { kind: 'length', label: 'Slit', group: 'Skirt', help: 'Up from the hem, centre back', least: 0, most: inches(36), usual: 'from-body' },
} as const satisfies Record<string, Choice>;

export type SkirtFittedChosen = ChosenOf<typeof skirtFittedChoices>;
