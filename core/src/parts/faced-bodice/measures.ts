import type { MeasuresUsed } from '../../measures/sequences.ts';

/** Measures of every bodice with shoulders; one that goes on below the waist adds its own. */
export const facedBodiceMeasures: MeasuresUsed = {
  requires: [
    'shoulder',
    'bustSpan',
    'shoulderToBust',
    'frontWaistLength',
    'backWaistLength',
    'bust',
    'waist',
  ],
  derives: ['height', 'highBust', 'acrossChest', 'acrossBack', 'armhole'],
  checks: ['shoulderLength', 'neck', 'underBust', 'shoulderToUnderBust', 'upperArm', 'hand'],
};
