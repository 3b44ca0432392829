import type { Lay } from './lay.ts';

/** A lay as it is told to another: where everything lies, and how the cloth is folded. What it comes to is reckoned from that. */
export type LaidOut = Pick<Lay, 'role' | 'fold' | 'length' | 'sections' | 'placements'>;

export const laidOut = ({ role, fold, length, sections, placements }: Lay): LaidOut => ({
  role,
  fold,
  length,
  sections,
  placements,
});
