import type { Part } from '../../garment/part.ts';
import { skirtTieredChoices } from './choices.ts';

/** A skirt of tiers of equal depth, each gathered to the one above, and the first to the waist. */
export const skirtTiered: Part = {
  id: 'skirt-tiered',
  slot: 'skirt',
  name: 'Tiered skirt',
  cloths: ['outer', 'lining'],
  requires: [],
  derives: [],
  checks: ['hip', 'waistToHip', 'waistToFloor'],
  choices: skirtTieredChoices,
};
