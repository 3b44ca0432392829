import { styleFrom } from './style-from.ts';

/** A princess top to the waist, with a short peplum over a long one, each laid in pleats under the seams above. */
export const doublePeplumTop = styleFrom({
  id: 'double-peplum-top',
  name: 'Double peplum top',
  summary: 'Princess seams to the waist; a short peplum over a long one, pleated, open below the zip behind',
  parts: { bodice: 'bodice-princess', skirt: 'skirt-peplum' },
  choices: { peplums: { usual: '2' }, peplumPleats: { usual: '1' } },
});
