import { partChoices } from '../../parts/part-book.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { fittedDressChoices } from './choices.ts';

/** A sleeveless dress, faced and lined: darted bodice with round neck, pegged skirt with a back slit, joined at the waist, zip at the centre back. */
export const fittedDress: Style = {
  id: 'fitted-dress',
  name: 'Fitted dress',
  summary: 'Neckline chosen, waist and bust darts; pegged skirt, back slit and zip; faced and lined',
  cloths: ['outer', 'lining', 'stay'],
  requires: [...facedBodiceMeasures.requires, 'hip'],
  derives: [...facedBodiceMeasures.derives, 'waistToHip', 'waistToKnee'],
  checks: facedBodiceMeasures.checks,
  choices: { ...fittedDressChoices, ...partChoices('armhole') },
  lacks: { waist: 'own-skirt' },
};
