import { styleFrom } from './style-from.ts';

/** A top held by one shoulder. */
export const oneShoulderTop = styleFrom({
  id: 'one-shoulder-top',
  name: 'One-shoulder top',
  summary:
    'One shoulder bare, its edge slanting below the arm; darted, to the waist; zip in the bare side; lined',
  parts: { bodice: 'bodice-one-shoulder' },
});
