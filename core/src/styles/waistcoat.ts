import { styleFrom } from './style-from.ts';

/** A waistcoat that buttons in front. */
export const waistcoat = styleFrom({
  id: 'waistcoat',
  name: 'Waistcoat',
  summary:
    'Buttons in front over a stand; princess seams, V neck, points below the hem; fully lined, front on a stay',
  parts: { bodice: 'bodice-waistcoat' },
});
