import { inches } from '../../units/length.ts';
import { blouseChoices } from '../princess-shell/shell-choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** Choices of a blouse with net laid over it: a V, or two bands that cross. Common practice. */
// prettier-ignore
export const bodiceNetChoices = {
  ...blouseChoices,
  net: { kind: 'option', pictured: true, label: 'Net', group: 'Layers', help: 'laid over the outer', options: { v: 'a V', crossed: 'crossed' }, usual: 'v' },
  netDepth: { kind: 'length', label: 'Point of the net V', group: 'Layers', help: 'Down from the start line, at the centre', when: { net: 'v' }, least: inches(5), most: inches(14), usual: 'from-body' },
  netBack: { kind: 'option', label: 'Net behind', group: 'Layers', help: 'a V there too', when: { net: 'v' }, options: { none: 'front only', v: 'front and back' }, usual: 'none' },
  netTight: { kind: 'length', label: 'Crossed net tighter', group: 'Layers', help: 'Than the line it lies along, front and back each', when: { net: 'crossed' }, least: inches(1.5), most: inches(3), usual: inches(2) },
  netGather: { kind: 'option', label: 'Crossed net gathered', group: 'Layers', help: 'to what it covers', when: { net: 'crossed' }, options: { '1.5': '1½ to 1', '2': '2 to 1', '3': '3 to 1' }, usual: '2' },
} as const satisfies Record<string, Choice>;

export type BodiceNetChosen = ChosenOf<typeof bodiceNetChoices>;
