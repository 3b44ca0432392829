import type { Part } from '../../garment/part.ts';
import { trousersChoices } from './choices.ts';

/** Trousers of four panels with a dart in each, sewn to the waist: to a band, or to a bodice as a jumpsuit. */
export const trousers: Part = {
  id: 'trousers',
  slot: 'skirt',
  fromWaist: true,
  name: 'Trousers',
  cloths: ['outer'],
  requires: ['hip', 'waistToFloor', 'inseam'],
  derives: ['height', 'waistToHip', 'waistToKnee', 'crotchDepth'],
  checks: ['thigh', 'knee', 'foot', 'waistToAnkle'],
  choices: trousersChoices,
};
