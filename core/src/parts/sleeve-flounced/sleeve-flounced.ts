import type { Part } from '../../garment/part.ts';
import { sleeveSetIn } from '../sleeve-set-in/sleeve-set-in.ts';
import { sleeveFlouncedChoices } from './choices.ts';

/** A set-in sleeve that carries flounces, each sewn along its own line, the last to its end. */
export const sleeveFlounced: Part = {
  ...sleeveSetIn,
  id: 'sleeve-flounced',
  name: 'Flounced sleeve',
  choices: sleeveFlouncedChoices,
};
