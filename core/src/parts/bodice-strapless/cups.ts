import { cupSeam, type CupPanels } from '../../drafting/operations/panels/cup-seam.ts';
import type { PrincessPanels } from '../../drafting/operations/panels/split-on-princess.ts';
import type { Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import type { PrincessShell } from '../princess-shell/princess-shell.ts';
import { edgesOf, joined } from '../../garment/seam-parts.ts';

/** A front of cups above and a band below. */
export interface CupFront extends CupPanels {
  readonly pieces: readonly Piece[];
}

/** Depth of the seam below the bust where the shell is not shaped under it, mm. */
const USUAL_RADIUS = inches(3);
/** On a short body the seam still lies at least this part of the way down to the under bust. */
const LEAST_PART = 0.7;

/** Parts the front of a shell into cups: the radius is bust line to under bust, less a little. */
export function cupsOf(
  { bodice, front, underBust }: PrincessShell,
  allowance: number,
  less: number,
): CupFront {
  const bust = bodice.frame.bustPoint.y;
  const below = underBust ? underBust.level - bust : USUAL_RADIUS;
  const radius = Math.max(LEAST_PART * below, below - less);
  const cups = cupSeam(front, { radius, bust, under: bust + below, allowance });
  return { ...cups, pieces: [cups.upper.centre, cups.upper.side, cups.lower.centre, cups.lower.side] };
}

/** The seams of a front with cups, and of the back that it meets. */
export function cupSeams({ upper, lower }: CupFront, back: PrincessPanels): Seam[] {
  const both = (part: CupFront['upper'], role: 'cup' | 'side') => [
    ...edgesOf(part.centre, role),
    ...edgesOf(part.side, role),
  ];
  return [
    joined('princess cup', 'princess', upper.centre, upper.side),
    joined('princess front', 'princess', lower.centre, lower.side),
    joined('princess back', 'princess', back.centre, back.side),
    equalSeam('cup seam', both(upper, 'cup'), both(lower, 'cup'), 'underBust'),
    equalSeam(
      'bodice side',
      [...edgesOf(upper.side, 'side'), ...edgesOf(lower.side, 'side')],
      edgesOf(back.side, 'side'),
      'backWaistLength',
    ),
  ];
}
