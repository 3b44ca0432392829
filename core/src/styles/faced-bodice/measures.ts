import type { Style } from '../style.ts';

/** Measures of every faced bodice; a style that goes on below the waist adds its own. */
export const facedBodiceMeasures: Pick<Style, 'requires' | 'derives' | 'checks'> = {
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
