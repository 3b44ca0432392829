import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/** A long tunic whose front is cut from the worked panel of an unstitched length; back and sleeves come from what is left. */
export const panelTunic = styleFrom({
  id: 'panel-tunic',
  name: 'Panel tunic',
  summary:
    'A long tunic from an unstitched length: the front in the middle of its worked panel, back and sleeves from the rest; side slits',
  parts: { bodice: 'bodice-tunic', sleeve: 'sleeve-set-in' },
  choices: {
    sleeveTo: { usual: 'elbow' },
    tunicLength: { usual: inches(26) },
    sideSlit: { usual: inches(9) },
  },
});
