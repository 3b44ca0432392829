import { styleFrom } from './style-from.ts';

/** A sleeveless dress: a darted bodice to the waist, where a pegged skirt with a back slit is sewn on. */
export const fittedDress = styleFrom({
  id: 'fitted-dress',
  name: 'Fitted dress',
  summary: 'Neckline chosen, waist and bust darts; pegged skirt, back slit and zip; faced and lined',
  parts: { bodice: 'bodice-darted', skirt: 'skirt-fitted' },
  without: ['darts', 'below'],
  unused: ['highHip'],
});
