import type { Part } from '../../garment/part.ts';
import { collarChoices } from './choices.ts';

/** A collar that stands around the neck. */
export const collarStand: Part = {
  id: 'collar-stand',
  slot: 'collar',
  name: 'Standing collar',
  cloths: ['outer'],
  requires: [],
  derives: [],
  checks: ['neck'],
  choices: collarChoices,
};
