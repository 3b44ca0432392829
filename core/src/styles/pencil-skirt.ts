import { styleFrom } from './style-from.ts';

/** A narrow skirt that is fitted over the hip, on a band of its own. */
export const pencilSkirt = styleFrom({
  id: 'pencil-skirt',
  name: 'Pencil skirt',
  summary: 'Fitted over the hip by darts, pegged to the hem, slit and zip at the back, on a band',
  parts: { bodice: 'bodice-waistband', skirt: 'skirt-fitted' },
});
