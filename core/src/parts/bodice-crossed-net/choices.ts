import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { bodiceNetChoices } from '../bodice-net/choices.ts';
import { bodiceOffShoulderChoices } from '../bodice-off-shoulder/choices.ts';

/** Choices of the net that crosses over a bodice off the shoulders. Common practice. */
// prettier-ignore
export const bodiceCrossedNetChoices = {
  ...bodiceOffShoulderChoices,
  netTight: { kind: 'length', label: 'Crossed net tighter', group: 'Layers', help: 'Than the line it lies along, front and back each', least: inches(0.5), most: inches(3), usual: inches(2) },
  netGather: { kind: 'option', label: 'Crossed net gathered', group: 'Layers', help: 'to what it covers', options: bodiceNetChoices.netGather.options, usual: '2' },
} as const satisfies Record<string, Choice>;

export type BodiceCrossedNetChosen = ChosenOf<typeof bodiceCrossedNetChoices>;
