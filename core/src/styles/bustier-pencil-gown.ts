import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/** A strapless gown on a stay, its pencil skirt to the ankle, with a slit that lets a stride through. */
export const bustierPencilGown = styleFrom({
  id: 'bustier-pencil-gown',
  name: 'Bustier pencil gown',
  summary:
    'Strapless, shaped over and under the bust, on a stay; a pegged skirt to the ankle, slit behind; lined; zip at the back',
  parts: { bodice: 'bodice-strapless', skirt: 'skirt-fitted' },
  choices: { length: { usual: inches(55) } },
});
