import { styleFrom } from './style-from.ts';

/** A gown held by one shoulder, gathered along that side, its hem shorter there. */
export const oneShoulderRuchedGown = styleFrom({
  id: 'one-shoulder-ruched-gown',
  name: 'One-shoulder ruched gown',
  summary:
    'One shoulder bare; the skirt ruched along the other side, its hem shorter there; zip in the bare side; lined',
  parts: { bodice: 'bodice-ruched-gown' },
});
