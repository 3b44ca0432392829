import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { oneShoulderTopChoices } from './choices.ts';

/** A top held by one shoulder: drafted open, since its halves differ; darted, to the waist, zip in the side that is bare. */
export const oneShoulderTop: Style = {
  id: 'one-shoulder-top',
  name: 'One-shoulder top',
  summary:
    'One shoulder bare, its edge slanting below the arm; darted, to the waist; zip in the bare side; lined',
  cloths: ['outer', 'lining'],
  ...facedBodiceMeasures,
  choices: oneShoulderTopChoices,
  lacks: { armhole: 'one-shoulder', waist: 'one-shoulder' },
};
