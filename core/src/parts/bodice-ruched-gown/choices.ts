import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { bodiceOneShoulderChoices } from '../bodice-one-shoulder/choices.ts';
import { skirtFittedChoices } from '../skirt-fitted/choices.ts';

/** Choices of a ruched gown: its skirt, the slashes that gather its side, and its uneven hem. Ranges and defaults are common practice. */
// prettier-ignore
export const bodiceRuchedGownChoices = {
  ...bodiceOneShoulderChoices,
  gownLength: { kind: 'length', label: 'Skirt length', group: 'Skirt', help: 'From the waist to the hem, where it is longest', least: inches(20), most: inches(48), usual: inches(36) },
  pegging: { kind: 'length', label: 'Pegging', group: 'Skirt', help: 'In, each quarter of the hem', least: 0, most: inches(3), usual: inches(1) },
  uneven: { kind: 'length', label: 'Hem shorter on the ruched side', group: 'Skirt', help: 'Than on the other, in front and behind', least: 0, most: inches(16), usual: inches(14) },
  ruches: { kind: 'option', label: 'Slashes', group: 'Skirt', help: 'in the front, from the side that keeps its shoulder', options: { '4': 'four', '5': 'five', '6': 'six', '8': 'eight' }, usual: '6' },
  rucheOpen: { kind: 'length', label: 'Each opened', group: 'Skirt', help: 'At the side; the sum of them is gathered', least: inches(0.25), most: inches(1.5), usual: inches(1) },
  rucheBelow: { kind: 'length', label: 'Ruched down to', group: 'Skirt', help: 'Below the hip line', least: 0, most: inches(10), usual: inches(6.5) },
  easeHip: { ...skirtFittedChoices.easeHip, usual: inches(1.5) },
} as const satisfies Record<string, Choice>;

export type BodiceRuchedGownChosen = ChosenOf<typeof bodiceRuchedGownChoices>;
