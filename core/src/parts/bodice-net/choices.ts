import { inches } from '../../units/length.ts';
import { blouseChoices } from '../princess-shell/shell-choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** Choices of a blouse with net laid over it: a V, or two bands that cross. Common practice. */
// prettier-ignore
export const bodiceNetChoices = {
  below: { kind: 'option', label: 'Ends', group: 'Bodice', help: 'for a skirt at the waist, for a flare under the bust as well', options: { hem: 'below the waist', waist: 'at the waist', underBust: 'under the bust' }, usual: 'hem' },
  ...blouseChoices,
  length: { ...blouseChoices.length, when: { below: 'hem' } },
  easeHem: { ...blouseChoices.easeHem, when: { below: 'hem' } },
  easeUnderBust: { kind: 'length', label: 'Ease under the bust', group: 'Ease', help: 'Finished less body there', when: { below: 'underBust' }, least: 0, most: inches(4), usual: inches(2) },
  net: { kind: 'option', pictured: true, label: 'Net', group: 'Layers', help: 'laid over the outer', options: { v: 'a V', crossed: 'crossed' }, usual: 'v' },
  netDepth: { kind: 'length', label: 'Point of the net V', group: 'Layers', help: 'Down from the start line, at the centre', when: { net: 'v' }, least: inches(5), most: inches(14), usual: 'from-body' },
  netBack: { kind: 'option', label: 'Net behind', group: 'Layers', help: 'a V there too', when: { net: 'v' }, options: { none: 'front only', v: 'front and back' }, usual: 'none' },
  netTight: { kind: 'length', label: 'Crossed net tighter', group: 'Layers', help: 'Than the line it lies along, front and back each', when: { net: 'crossed' }, least: inches(1.5), most: inches(3), usual: inches(2) },
  netGather: { kind: 'option', label: 'Crossed net gathered', group: 'Layers', help: 'to what it covers', when: { net: 'crossed' }, options: { '1.5': '1½ to 1', '2': '2 to 1', '3': '3 to 1' }, usual: '2' },
} as const satisfies Record<string, Choice>;

export type BodiceNetChosen = ChosenOf<typeof bodiceNetChoices>;
