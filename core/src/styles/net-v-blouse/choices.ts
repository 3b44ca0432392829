import { inches } from '../../units/length.ts';
import { blouseChoices } from '../princess-shell/shell-choices.ts';
import type { Choice, ChosenOf } from '../style.ts';

/** What a client chooses of a blouse with a V of net laid over it. */
// prettier-ignore
export const netVBlouseChoices = {
  ...blouseChoices,
  netDepth: { kind: 'length', label: 'Point of the net V', group: 'Shape', help: 'Down from the start line, at the centre', least: inches(5), most: inches(14), usual: 'from-body' },
  netBack: { kind: 'option', label: 'Net behind', group: 'Shape', help: 'a V there too', options: { none: 'front only', v: 'front and back' }, usual: 'none' },
} as const satisfies Record<string, Choice>;

export type NetVBlouseChosen = ChosenOf<typeof netVBlouseChoices>;
