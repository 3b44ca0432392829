import type { BodicePart } from '../../garment/part.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import { bodiceNetChoices } from './choices.ts';

/** Princess panels to below the waist, or to a seam under the bust, with net laid over: a V traced from them and sewn into neck and shoulders, or two bands that cross. */
export const bodiceNet: BodicePart = {
  id: 'bodice-net',
  name: 'Bodice under net',
  cloths: ['outer', 'lining', 'stay', 'net'],
  requires: [...facedBodiceMeasures.requires, 'hip'],
  derives: [...facedBodiceMeasures.derives, 'waistToHip', 'underBust'],
  checks: ['shoulderLength', 'neck', 'highHip', 'upperArm', 'hand'],
  choices: bodiceNetChoices,
  lacks: {},
};
