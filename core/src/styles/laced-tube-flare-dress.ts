import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/** A heart-shaped tube, shaped over and under the bust, laced behind over a gap with crossed ties, on half a circle. */
export const lacedTubeFlareDress = styleFrom({
  id: 'laced-tube-flare-dress',
  name: 'Laced tube flare dress',
  summary:
    'Strapless, shaped over and under the bust; laced behind with crossed ties; half a circle from the waist; lined, on a stay',
  parts: { bodice: 'bodice-strapless', skirt: 'skirt-circle' },
  choices: {
    cups: { usual: 'none' },
    backOpens: { usual: 'laced' },
    skirtLength: { usual: inches(24) },
    // Half of so large a ring on the fold is wider than most cloth on a full figure.
    skirtParts: { usual: '4' },
  },
});
