import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { bandedOffShoulderTopChoices } from './choices.ts';

/** A top off the shoulders without elastic: princess seams, bands around the arms, hem below the waist, zip at the back. */
export const bandedOffShoulderTop: Style = {
  id: 'banded-off-shoulder-top',
  name: 'Off-shoulder top with bands',
  summary:
    'Off the shoulders without elastic; bands around the arms; princess seams, to below the waist; zip at the back; lined',
  cloths: ['outer', 'lining'],
  requires: [...facedBodiceMeasures.requires, 'hip'],
  derives: [...facedBodiceMeasures.derives, 'waistToHip', 'offShoulderRound'],
  checks: ['upperArm', 'highHip'],
  choices: bandedOffShoulderTopChoices,
  lacks: { armhole: 'off-shoulder', waist: 'hem-below' },
};
