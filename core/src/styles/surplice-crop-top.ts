import { styleFrom } from './style-from.ts';

/** A short top of two fronts that cross, tied with a belt, and gathered sleeves. */
export const surpliceCropTop = styleFrom({
  id: 'surplice-crop-top',
  name: 'Surplice crop top',
  summary: 'Fronts cross; ends above the waist; back open and held by a tie belt; gathered sleeves; lined',
  parts: { bodice: 'bodice-crossed', sleeve: 'sleeve-gathered' },
});
