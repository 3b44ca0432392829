import { styleFrom } from './style-from.ts';

/** A front held by ties. */
export const halterBodice = styleFrom({
  id: 'halter-bodice',
  name: 'Halter bodice',
  summary:
    'To the waist, open behind; small straps tie at the neck, ties run through loops along the sides; lined, on a stay',
  parts: { bodice: 'bodice-halter' },
});
