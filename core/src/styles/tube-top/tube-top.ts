import { partChoices } from '../../parts/part-book.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { tubeTopChoices } from './choices.ts';

/** A strapless top to the waist: princess seams from the top edge, shaped over and under the bust, zip at the back. */
export const tubeTop: Style = {
  id: 'tube-top',
  name: 'Tube top',
  summary:
    'Strapless, to the waist; princess seams shaped over and under the bust, cups; zip nipped at the back; lined, on a stay',
  cloths: ['outer', 'lining', 'stay'],
  requires: facedBodiceMeasures.requires,
  derives: [...facedBodiceMeasures.derives, 'underBust'],
  checks: ['shoulderToUnderBust'],
  choices: { ...tubeTopChoices, ...partChoices('waist') },
  lacks: { armhole: 'strapless' },
};
