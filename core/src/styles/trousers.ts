import { styleFrom } from './style-from.ts';

/** Trousers on a band, with a dart in each panel and a zip behind. */
export const trousersStyle = styleFrom({
  id: 'trousers',
  name: 'Trousers',
  summary: 'Four panels with darts from a waistband; the leg as narrow or as wide as chosen; zip at the back',
  parts: { bodice: 'bodice-waistband', skirt: 'trousers' },
});
