import { keptLay, type KeptLay } from './kept-lay.ts';
import type { Lay } from './lay.ts';

/** A lay as it is told to another: where everything lies, and how the cloth is folded. What it comes to is reckoned from that, on the pieces as they were drawn for it. */
export type LaidOut = Pick<KeptLay, 'role' | 'fold' | 'length' | 'sections' | 'placements' | 'drawn'>;

export function laidOut(lay: Lay): LaidOut {
  const { role, fold, length, sections, placements, drawn } = keptLay(lay);
  return { role, fold, length, sections, placements, drawn };
}
