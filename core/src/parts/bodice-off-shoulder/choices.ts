import { inches } from '../../units/length.ts';
import { belowWaistChoices } from '../bodice-darted/choices.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';
import { hemChoices, topEdgeChoices } from '../princess-shell/shell-choices.ts';
import type { Choice, ChosenOf } from '../../garment/choice.ts';

/** Choices of an off-shoulder top. Ranges and defaults are common practice. */
// prettier-ignore
export const bodiceOffShoulderChoices = {
  topEdge: topEdgeChoices.topEdge,
  backEdge: { kind: 'option', label: 'Back edge', group: 'Neck', help: 'behind', options: { straight: 'straight', v: 'V' }, usual: 'straight' },
  topLevel: { ...topEdgeChoices.topLevel, label: 'Off-shoulder level', help: 'Down from the start line' },
  dip: topEdgeChoices.dip,
  topBack: topEdgeChoices.topBack,
  backDip: { kind: 'length', label: 'Dip of the back’s V', group: 'Neck', help: 'At the centre', least: inches(0.5), most: inches(2.5), usual: inches(1.5) },
  arms: { kind: 'option', pictured: true, label: 'Arms', group: 'Sleeve', help: 'without elastic', options: { bands: 'bands', cape: 'a cape around both', flounces: 'flounces over one another' }, usual: 'bands' },
  capeDepth: { kind: 'length', label: 'Cape, deep', group: 'Sleeve', help: 'From the top edge to its hem', when: { arms: ['cape', 'flounces'] }, least: inches(4), most: inches(24), usual: inches(9) },
  capeCircle: { kind: 'option', label: 'Cut of', group: 'Sleeve', help: 'part of a circle', when: { arms: ['cape', 'flounces'] }, options: { '0.5': 'half a circle', '0.75': 'three quarters', '1': 'a whole one' }, usual: '0.75' },
  capeLayers: { kind: 'option', label: 'Flounces', group: 'Sleeve', help: 'each shorter than the one under it', when: { arms: 'flounces' }, options: { '2': 'two', '3': 'three' }, usual: '3' },
  band: { kind: 'length', label: 'Arm band', group: 'Sleeve', help: 'Finished depth', when: { arms: 'bands' }, least: inches(0.75), most: inches(5), usual: inches(1.5) },
  below: { ...belowWaistChoices.below, help: 'at the waist for a skirt or trousers', usual: 'hem' },
  length: { ...hemChoices.length, when: { below: 'hem' } },
  easeBust: { ...facedBodiceChoices.easeBust, usual: inches(1) },
  easeWaist: { ...facedBodiceChoices.easeWaist, usual: inches(1) },
  easeHem: { ...hemChoices.easeHem, when: { below: 'hem' }, usual: inches(1.5) },
} as const satisfies Record<string, Choice>;

export type BodiceOffShoulderChosen = ChosenOf<typeof bodiceOffShoulderChoices>;
