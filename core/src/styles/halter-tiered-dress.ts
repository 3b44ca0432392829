import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/** A halter over three gathered tiers, on a band behind; lined with half a circle; zip at the side. */
export const halterTieredDress = styleFrom({
  id: 'halter-tiered-dress',
  name: 'Halter tiered dress',
  summary:
    'Tied at the neck, bare behind down to a band; three gathered tiers over half a circle of lining; zip at the side',
  parts: { bodice: 'bodice-halter', skirt: 'skirt-tiered' },
  choices: {
    halterBack: { usual: 'band' },
    tierLining: { usual: '0.5' },
    skirtLength: { usual: inches(30) },
  },
});
