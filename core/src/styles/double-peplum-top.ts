import { styleFrom } from './style-from.ts';

/** A princess top under a cross drape, with a short peplum over a long one laid in pleats under the seams above, and a flat ring on one arm. */
export const doublePeplumTop = styleFrom({
  id: 'double-peplum-top',
  name: 'Double peplum top',
  summary:
    'Princess seams under a cross drape; a ring sleeve on one arm; a short peplum over a long one, pleated, open below the zip behind',
  parts: { bodice: 'bodice-draped', sleeve: 'sleeve-ring', skirt: 'skirt-peplum' },
  choices: { peplums: { usual: '2' }, peplumPleats: { usual: '1' }, ringOn: { usual: 'right' } },
});
