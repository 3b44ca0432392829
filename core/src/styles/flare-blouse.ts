import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/** A blouse held to the body under the bust, where half a circle hangs from it, with a V of net above and bell sleeves; trim along its hems. */
export const flareBlouse = styleFrom({
  id: 'flare-blouse',
  name: 'Flare blouse',
  summary: 'Princess seams under a V of net; a flare from under the bust, bell sleeves, trim along the hems',
  parts: { bodice: 'bodice-net', sleeve: 'sleeve-bell', skirt: 'skirt-circle' },
  without: ['below', 'length', 'easeHem'],
  choices: {
    below: { usual: 'underBust' },
    skirtLength: { help: 'From the seam under the bust to the hem', usual: inches(16) },
    bellTrim: { usual: 'hem' },
    hemTrim: { usual: 'hem' },
  },
});
