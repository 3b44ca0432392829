import type { BodicePart } from '../../garment/part.ts';
import { bodiceCapeChoices } from './choices.ts';

/** A ring that falls from the neck over both shoulders, open in front, its neck bound on the bias. */
export const bodiceCape: BodicePart = {
  id: 'bodice-cape',
  name: 'Cape',
  cloths: ['outer'],
  requires: ['neck'],
  derives: ['height'],
  checks: ['shoulder'],
  choices: bodiceCapeChoices,
  lacks: { neck: 'cape', armhole: 'cape', waist: 'cape' },
};
