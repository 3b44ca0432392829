import { capital } from '../../text/capital.ts';
import type { WordedTable } from './say.ts';

/** Findings of a sum by itself. */
export const slateFindings: WordedTable<'habit-misses' | 'schools-differ' | 'seam-too-narrow'> = {
  'habit-misses': ({ where, found, expected }, length) => ({
    message: `${capital(where.subject)} gives ${length(found)} where ${length(expected)} is meant: it misses by ${length(Math.abs(found - expected))}.`,
    remedy: `Use ${length(expected)}.`,
  }),
  'schools-differ': ({ where, found, expected }, length) => ({
    message: `By ${where.subject} it would be ${length(expected)}; this is ${length(found)}.`,
    remedy: 'Use the one that the shop drafts by.',
  }),
  'seam-too-narrow': ({ found, expected }, length) => ({
    message: `Letting out by ${length(expected)} wants more than the seam holds, ${length(found)}.`,
    remedy: 'Piece it, or leave it as it is.',
  }),
};
