import type { Choice, ChosenOf } from '../../garment/choice.ts';
import { inches } from '../../units/length.ts';

/** A peplum, or two of them one over the other. Ranges and defaults are common practice: 1½ to 2 off its lower edge beside a zip. */
// prettier-ignore
export const skirtPeplumChoices = {
  peplums: { kind: 'option', pictured: true, label: 'Peplums', group: 'Skirt', help: 'one over the other', options: { '1': 'one', '2': 'a short one over a long one' }, usual: '1' },
  peplumCircle: { kind: 'option', label: 'Cut of', group: 'Skirt', help: 'part of a circle', options: { '0.5': 'half a circle', '0.75': 'three quarters', '1': 'a whole one' }, usual: '1' },
  peplumLength: { kind: 'length', label: 'Peplum, long', group: 'Skirt', help: 'From the waist seam to its hem', least: inches(3), most: inches(16), usual: inches(8) },
  peplumUpper: { kind: 'length', label: 'The one over it, long', group: 'Skirt', help: 'From the waist seam to its hem', when: { peplums: '2' }, least: inches(2), most: inches(12), usual: inches(5) },
  peplumPleats: { kind: 'option', label: 'Pleats at the waist', group: 'Skirt', help: 'in each quarter; the first under the dart or seam above', options: { '0': 'none', '1': 'one', '2': 'two' }, usual: '0' },
  peplumPleat: { kind: 'length', label: 'Peplum pleat, deep', group: 'Skirt', help: 'Folded; each takes twice that', when: { peplumPleats: ['1', '2'] }, least: inches(0.25), most: inches(2), usual: inches(0.75) },
  peplumWedge: { kind: 'length', label: 'Off beside the opening', group: 'Skirt', help: 'At its lower edge, so that it does not gape open behind', least: 0, most: inches(3), usual: inches(1.75) },
} as const satisfies Record<string, Choice>;

export type SkirtPeplumChosen = ChosenOf<typeof skirtPeplumChoices>;
