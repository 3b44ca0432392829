import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** A cape from the neck. Ranges and defaults are common practice. */
// prettier-ignore
export const bodiceCapeChoices = {
  capeOf: { kind: 'option', pictured: true, label: 'Cut of', group: 'Bodice', help: 'part of a circle', options: { '0.5': 'half a circle', '0.75': 'three quarters', '1': 'a whole one' }, usual: '0.75' },
  capeLong: { kind: 'length', label: 'Long', group: 'Bodice', help: 'From the neck to the hem', least: inches(8), most: inches(50), usual: inches(22) },
  stand: { kind: 'length', label: 'Front edge, past the centre', group: 'Closure', help: 'So that it laps', least: 0, most: inches(3), usual: inches(1) },
  easeNeck: { kind: 'length', label: 'Ease at the neck', group: 'Ease', help: 'Finished less body', least: inches(0.5), most: inches(8), usual: inches(1.5) },
} as const satisfies Record<string, Choice>;

export type BodiceCapeChosen = ChosenOf<typeof bodiceCapeChoices>;
