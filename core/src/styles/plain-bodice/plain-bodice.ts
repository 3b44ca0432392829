import { partChoices } from '../../parts/part-book.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { plainBodiceChoices } from './choices.ts';

/** A sleeveless bodice to the waist or below, faced and lined, zip at the centre back: worn by itself, or to take a skirt. */
export const plainBodice: Style = {
  id: 'plain-bodice',
  name: 'Plain bodice',
  summary: 'To the waist or below, with or without darts, neckline chosen; zip at the back; faced and lined',
  cloths: ['outer', 'lining', 'stay'],
  ...facedBodiceMeasures,
  checks: [...facedBodiceMeasures.checks, 'hip', 'highHip', 'waistToHip'],
  choices: { ...plainBodiceChoices, ...partChoices('armhole', 'waist') },
  lacks: {},
};
