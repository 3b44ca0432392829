import type { Part } from '../../garment/part.ts';
import { collarChoices } from './choices.ts';

/** A collar that stands up from the neck and falls over itself, as on a shirt. */
export const collarFall: Part = {
  id: 'collar-fall',
  slot: 'collar',
  name: 'Falling collar',
  cloths: ['outer', 'stay'],
  requires: [],
  derives: [],
  checks: ['neck'],
  choices: collarChoices,
};
