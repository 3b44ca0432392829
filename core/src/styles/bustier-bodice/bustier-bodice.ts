import { partChoices } from '../../parts/part-book.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { bustierBodiceChoices } from './choices.ts';

/** A bodice shaped by princess seams from armholes or shoulders, front and back, to the waist, where it takes any skirt. */
export const bustierBodice: Style = {
  id: 'bustier-bodice',
  name: 'Bustier bodice',
  summary:
    'Princess seams from armhole or shoulder, to the waist, neckline chosen; zip at the back; faced and lined',
  cloths: ['outer', 'lining', 'stay'],
  ...facedBodiceMeasures,
  derives: [...facedBodiceMeasures.derives, 'underBust'],
  checks: facedBodiceMeasures.checks.filter((id) => id !== 'underBust'),
  choices: { ...bustierBodiceChoices, ...partChoices('armhole', 'waist') },
  lacks: {},
};
