import type { BodicePart } from '../../garment/part.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import { bodiceYokeChoices } from './choices.ts';

/** Princess panels draped over a base, to below the waist, under a yoke of stretch net; zip at the back. */
export const bodiceYoke: BodicePart = {
  id: 'bodice-yoke',
  name: 'Yoke bodice',
  cloths: ['outer', 'lining', 'net'],
  requires: [...facedBodiceMeasures.requires, 'hip'],
  derives: [...facedBodiceMeasures.derives, 'waistToHip'],
  checks: ['shoulderLength', 'neck', 'highHip', 'upperArm', 'hand'],
  choices: bodiceYokeChoices,
  lacks: { waist: 'hem-below' },
};
