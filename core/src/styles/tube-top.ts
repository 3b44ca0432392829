import { styleFrom } from './style-from.ts';

/** A strapless top to the waist. */
export const tubeTop = styleFrom({
  id: 'tube-top',
  name: 'Tube top',
  summary:
    'Strapless, to the waist; princess seams shaped over and under the bust, cups; zip nipped at the back; lined, on a stay',
  parts: { bodice: 'bodice-strapless' },
});
