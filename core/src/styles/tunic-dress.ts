import { styleFrom } from './style-from.ts';

/** A tunic from the short set of measures, in an A-line to the knee, with side slits and short sleeves. */
export const tunicDress = styleFrom({
  id: 'tunic-dress',
  name: 'Tunic dress',
  summary:
    'In one from shoulder to knee, in an A-line over the hip; side slits, set-in sleeves, zip at the back',
  parts: { bodice: 'bodice-tunic', sleeve: 'sleeve-set-in' },
  choices: { sleeveTo: { usual: 'short' } },
});
