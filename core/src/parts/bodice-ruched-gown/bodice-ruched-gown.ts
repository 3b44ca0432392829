import type { BodicePart } from '../../garment/part.ts';
import { bodiceOneShoulder } from '../bodice-one-shoulder/bodice-one-shoulder.ts';
import { bodiceRuchedGownChoices } from './choices.ts';

/** A one-shoulder bodice over a fitted skirt that is drafted open as well: its front slashed and spread along one side, its hem uneven. */
export const bodiceRuchedGown: BodicePart = {
  ...bodiceOneShoulder,
  id: 'bodice-ruched-gown',
  name: 'One-shoulder ruched gown',
  requires: [...bodiceOneShoulder.requires, 'hip'],
  derives: [...bodiceOneShoulder.derives, 'waistToHip', 'waistToKnee'],
  choices: bodiceRuchedGownChoices,
  lacks: { ...bodiceOneShoulder.lacks, waist: 'own-skirt' },
};
