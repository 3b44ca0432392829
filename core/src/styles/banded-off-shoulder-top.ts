import { styleFrom } from './style-from.ts';

/** A top off the shoulders, with bands around the arms. */
export const bandedOffShoulderTop = styleFrom({
  id: 'banded-off-shoulder-top',
  name: 'Off-shoulder top with bands',
  summary:
    'Off the shoulders without elastic; bands around the arms; princess seams, to below the waist; zip at the back; lined',
  parts: { bodice: 'bodice-off-shoulder' },
});
