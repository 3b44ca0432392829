import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/**
 * A dress with a standing collar whose skirt is half a circle, its zip hidden in the centre back from the neck down. Common practice: a neck 3
 * wide, 2½ deep in front and 1 behind; the skirt to the knee.
 */
export const turtleneckFlareDress = styleFrom({
  id: 'turtleneck-flare-dress',
  name: 'Turtleneck flare dress',
  summary:
    'A raised strip stands around the neck; half a circle hangs from the waist; hidden zip at the back',
  parts: { bodice: 'bodice-darted', collar: 'collar-stand', skirt: 'skirt-circle' },
  without: ['darts', 'below'],
  choices: {
    neckline: { help: 'high and round, for the collar', options: { round: 'round' } },
    neckWidth: { most: inches(4) },
    neckDepthFront: { most: inches(4), usual: inches(2.5) },
    neckDepthBack: { most: inches(2), usual: inches(1) },
    skirtLength: { usual: inches(24) },
    // Half of so large a ring on the fold is wider than most cloth on a full figure.
    skirtParts: { usual: '4' },
  },
});
