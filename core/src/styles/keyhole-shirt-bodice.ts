import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/** A sleeveless shirt to the waist with a heart cut out below its collar. Common practice: the collar 1 to 4 high. */
export const keyholeShirtBodice = styleFrom({
  id: 'keyhole-shirt-bodice',
  name: 'Keyhole shirt bodice',
  summary:
    'Buttons in front on a separate placket; princess seams; a heart cut out below a shirt collar; to the waist; lined',
  parts: { bodice: 'bodice-placket', collar: 'collar-fall' },
  choices: { collarHeight: { least: inches(1) } },
});
