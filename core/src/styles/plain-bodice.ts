import { styleFrom } from './style-from.ts';

/** A sleeveless bodice to the waist or below: worn by itself, or to take a skirt. */
export const plainBodice = styleFrom({
  id: 'plain-bodice',
  name: 'Plain bodice',
  summary: 'To the waist or below, with or without darts, neckline chosen; zip at the back; faced and lined',
  parts: { bodice: 'bodice-darted' },
});
