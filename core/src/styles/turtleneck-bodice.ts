import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/** A darted bodice whose neck lies high and round under a standing collar. Common practice: a neck 3 wide, 2½ deep in front and 1 behind. */
export const turtleneckBodice = styleFrom({
  id: 'turtleneck-bodice',
  name: 'Turtleneck bodice',
  summary:
    'To the waist or below; a raised strip stands around the measured neck; zip at the back; faced and lined',
  parts: { bodice: 'bodice-darted', collar: 'collar-stand' },
  choices: {
    neckline: { help: 'high and round, for the collar', options: { round: 'round' } },
    neckWidth: { most: inches(4) },
    neckDepthFront: { most: inches(4), usual: inches(2.5) },
    neckDepthBack: { most: inches(2), usual: inches(1) },
  },
});
