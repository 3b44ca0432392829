import { formatLength } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';

/** Less than this is no gain that a tape shows, mm. */
const LEAST_GAIN = 1;

/** What a search came to that was asked for: by how much the shortest plan is shorter than before, mm. */
export const gainWords = (gained: number, unit: Unit): string =>
  gained < LEAST_GAIN
    ? 'Nothing shorter was found.'
    : `${formatLength(gained, unit, { denominator: 8, style: 'typeset' })} shorter than before.`;
