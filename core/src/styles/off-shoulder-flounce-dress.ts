import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/** Bare shoulders under flounces that cover one another around both arms, over a pegged skirt. */
export const offShoulderFlounceDress = styleFrom({
  id: 'off-shoulder-flounce-dress',
  name: 'Off-shoulder flounce dress',
  summary:
    'Bare shoulders; flounces over one another around both arms; a pegged skirt; zip at the back; lined',
  parts: { bodice: 'bodice-off-shoulder', skirt: 'skirt-fitted' },
  without: ['below'],
  choices: { below: { usual: 'waist' }, arms: { usual: 'flounces' }, capeDepth: { usual: inches(9) } },
});
