import { partChoices } from '../../parts/part-book.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { keyholeShirtBodiceChoices } from './choices.ts';

/** A sleeveless shirt to the waist: separate placket, princess seams, a heart cut out below the collar. */
export const keyholeShirtBodice: Style = {
  id: 'keyhole-shirt-bodice',
  name: 'Keyhole shirt bodice',
  summary:
    'Buttons in front on a separate placket; princess seams; a heart cut out below a shirt collar; to the waist; lined',
  cloths: ['outer', 'lining', 'stay'],
  ...facedBodiceMeasures,
  choices: { ...keyholeShirtBodiceChoices, ...partChoices('armhole') },
  lacks: { waist: 'over-the-head' },
};
