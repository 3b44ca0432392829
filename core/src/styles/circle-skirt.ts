import { styleFrom } from './style-from.ts';

/** A skirt that is a part of a circle, on a band of its own. */
export const circleSkirt = styleFrom({
  id: 'circle-skirt',
  name: 'Circle skirt',
  summary: 'A whole circle, a half or a quarter from the waist, on a band; zip at the back',
  parts: { bodice: 'bodice-waistband', skirt: 'skirt-circle' },
  // Half of a whole ring on the fold is wider than most cloth.
  choices: { skirtParts: { usual: '4' } },
});
