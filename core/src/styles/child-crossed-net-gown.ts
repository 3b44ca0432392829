import { inches } from '../units/length.ts';
import { styleFrom } from './style-from.ts';

/** A gown for a child, and in any size: bare shoulders under gathered net that crosses in front and behind, over layers of net. */
export const childCrossedNetGown = styleFrom({
  id: 'child-crossed-net-gown',
  name: 'Crossed-net gown for a child',
  summary:
    'Bare shoulders, a V behind, bands on the arms; gathered net crosses over both shoulders; a skirt of net in layers; lined',
  parts: { bodice: 'bodice-crossed-net', skirt: 'skirt-ball' },
  without: ['below', 'length', 'easeHem'],
  choices: {
    below: { usual: 'waist' },
    topEdge: { usual: 'straight' },
    backEdge: { usual: 'v' },
    band: { usual: inches(1.25) },
  },
});
