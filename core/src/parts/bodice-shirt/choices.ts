import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';
import { highNeckChoices } from '../princess-shell/shell-choices.ts';

/** The body of a shirt. Ranges and defaults are common practice: 6 of ease slim, 7 to 8 usual, 10 old style. */
// prettier-ignore
export const bodiceShirtChoices = {
  darts: { kind: 'option', label: 'Shaped by', group: 'Bodice', help: 'without darts it hangs straight', options: { darts: 'darts', side: 'the side alone' }, usual: 'side' },
  shirtFit: { kind: 'option', label: 'Fit', group: 'Ease', help: 'ease at chest, waist and hip, unless they are set', options: { slim: 'slim', usual: 'usual', old: 'old style' }, usual: 'usual' },
  ...highNeckChoices,
  yokeDown: { kind: 'length', label: 'Yoke, down at the back', group: 'Bodice', help: 'From the start line', least: inches(2.5), most: inches(7), usual: inches(4) },
  backPleat: { kind: 'length', label: 'Pleat under the yoke', group: 'Bodice', help: 'Each side of the centre back, folded', when: { darts: 'side' }, least: 0, most: inches(2), usual: inches(0.75) },
  shirtLength: { kind: 'length', label: 'Length', group: 'Bodice', help: 'Below the waist, at the side', least: inches(4), most: inches(24), usual: inches(11) },
  shirtTail: { kind: 'length', label: 'Tail, lower at the centre', group: 'Bodice', help: 'Than at the side', least: 0, most: inches(4), usual: inches(2) },
  placket: { kind: 'length', label: 'Placket', group: 'Closure', help: 'Finished width', least: inches(0.75), most: inches(2), usual: inches(1.25) },
  buttons: { kind: 'option', label: 'Buttons', group: 'Closure', help: 'On the placket, evenly spaced', options: { '5': '5', '6': '6', '7': '7', '8': '8' }, usual: '7' },
  easeBust: { ...facedBodiceChoices.easeBust, label: 'Ease at chest', most: inches(14), usual: 'from-body' },
  easeWaist: { ...facedBodiceChoices.easeWaist, most: inches(16), usual: 'from-body' },
  easeHip: { kind: 'length', label: 'Ease at hip', group: 'Ease', help: 'Finished less body, at least', least: inches(1), most: inches(14), usual: 'from-body' },
} as const satisfies Record<string, Choice>;

export type BodiceShirtChosen = ChosenOf<typeof bodiceShirtChoices>;
