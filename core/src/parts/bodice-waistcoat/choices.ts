import { inches } from '../../units/length.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';
import { hemChoices } from '../princess-shell/shell-choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

const { neckWidth, neckDepthFront, neckDepthBack, easeBust, easeWaist } = facedBodiceChoices;

/** Choices of a waistcoat. Ranges and defaults are common practice. */
// prettier-ignore
export const bodiceWaistcoatChoices = {
  hem: { kind: 'option', pictured: true, label: 'Hem in front', group: 'Bodice', help: 'points fall below the side', options: { points: 'points', straight: 'straight' }, usual: 'points' },
  neckWidth,
  neckDepthFront: { ...neckDepthFront, label: 'V down to', help: 'At the front edge; usually the chest line', least: inches(4), most: inches(14), usual: 'from-body' },
  neckDepthBack: { ...neckDepthBack, most: inches(4), usual: inches(1) },
  neckDart: { kind: 'length', label: 'Neck dart', group: 'Neck', help: 'Taken in where the last one gaped', least: 0, most: inches(1), usual: 0 },
  stand: { kind: 'length', label: 'Button stand', group: 'Closure', help: 'Past the centre', least: inches(0.5), most: inches(3), usual: inches(1.5) },
  buttons: { kind: 'option', label: 'Buttons', group: 'Closure', help: 'Evenly spaced', options: { '3': '3', '4': '4', '5': '5', '6': '6' }, usual: '5' },
  length: { ...hemChoices.length, usual: inches(3) },
  pointLower: { kind: 'length', label: 'Points lower by', group: 'Bodice', help: 'Than the side’s hem', when: { hem: 'points' }, least: inches(1), most: inches(6), usual: inches(4) },
  pointOut: { kind: 'length', label: 'Points out by', group: 'Bodice', help: 'From the centre', when: { hem: 'points' }, least: inches(1), most: inches(3.5), usual: inches(3) },
  easeBust: { ...easeBust, least: inches(1), usual: inches(3) },
  easeWaist: { ...easeWaist, least: inches(1), usual: inches(2.5) },
  easeHem: hemChoices.easeHem,
} as const satisfies Record<string, Choice>;

export type BodiceWaistcoatChosen = ChosenOf<typeof bodiceWaistcoatChoices>;
