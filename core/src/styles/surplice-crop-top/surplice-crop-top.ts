import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { surpliceCropTopChoices } from './choices.ts';

/** A short top of two fronts that cross, open behind, tied with a belt; gathered sleeves. */
export const surpliceCropTop: Style = {
  id: 'surplice-crop-top',
  name: 'Surplice crop top',
  summary: 'Fronts cross; ends above the waist; back open and held by a tie belt; gathered sleeves; lined',
  cloths: ['outer', 'lining'],
  requires: facedBodiceMeasures.requires,
  derives: [...facedBodiceMeasures.derives, 'underBust'],
  checks: ['shoulderLength', 'neck', 'upperArm', 'hand'],
  choices: surpliceCropTopChoices,
  lacks: { armhole: 'own-sleeve', waist: 'hem-above' },
};
