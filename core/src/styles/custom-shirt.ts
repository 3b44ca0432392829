import { styleFrom } from './style-from.ts';

/** A shirt made to measure: fronts on a placket, a yoke, sleeves pleated into buttoned cuffs, a collar on its stand. */
export const customShirt = styleFrom({
  id: 'custom-shirt',
  name: 'Custom shirt',
  summary:
    'Buttons on a placket; the back pleated into a yoke; sleeves with placket and cuff; a collar on its stand',
  parts: { bodice: 'bodice-shirt', collar: 'collar-shirt', sleeve: 'sleeve-shirt' },
});
