import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/**
 * A jumpsuit: a bodice below the shoulders with a cape around both arms, and trousers whose crotch lies deeper, so that its wearer can bend and
 * sit. Common practice: 1 to 1½ deeper.
 */
export const offShoulderJumpsuit = styleFrom({
  id: 'off-shoulder-jumpsuit',
  name: 'Off-shoulder jumpsuit',
  summary: 'Bare shoulders under a cape around both arms; trousers with room to bend and sit',
  parts: { bodice: 'bodice-off-shoulder', skirt: 'trousers' },
  without: ['below'],
  choices: {
    arms: { usual: 'cape' },
    below: { usual: 'waist' },
    crotchEase: { usual: inches(1.25) },
    legHem: { usual: inches(20) },
  },
});
