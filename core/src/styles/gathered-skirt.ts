import { styleFrom } from './style-from.ts';

/** A skirt of straight panels gathered to a band. */
export const gatheredSkirt = styleFrom({
  id: 'gathered-skirt',
  name: 'Gathered skirt',
  summary: 'Straight panels gathered to a band; zip at the back',
  parts: { bodice: 'bodice-waistband', skirt: 'skirt-gathered' },
});
