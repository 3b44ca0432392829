import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { facedBodiceChoices } from '../faced-bodice/choices.ts';

/** A bodice shaped by princess seams from the armholes, front and back, to the waist, where it takes any skirt. */
export const bustierBodice: Style = {
  id: 'bustier-bodice',
  name: 'Bustier bodice',
  summary:
    'Princess seams from the armholes, to the waist, neckline chosen; zip at the back; faced and lined',
  cloths: ['outer', 'lining', 'stay'],
  ...facedBodiceMeasures,
  choices: facedBodiceChoices,
};
