import type { Part } from '../../garment/part.ts';
import { skirtBallChoices } from './choices.ts';

/** A ball skirt: layers of gathered net over half a circle, each pieced from widths of net. */
export const skirtBall: Part = {
  id: 'skirt-ball',
  slot: 'skirt',
  name: 'Ball skirt',
  cloths: ['outer', 'net'],
  requires: [],
  derives: [],
  checks: ['hip', 'waistToHip', 'waistToFloor'],
  choices: skirtBallChoices,
};
