import { styleFrom } from './style-from.ts';

/** Princess seams to the waist, where it takes any skirt. */
export const bustierBodice = styleFrom({
  id: 'bustier-bodice',
  name: 'Bustier bodice',
  summary:
    'Princess seams from armhole or shoulder, to the waist, neckline chosen; zip at the back; faced and lined',
  parts: { bodice: 'bodice-princess' },
});
