import type { Working } from '../../workings/working.ts';
import type { Face } from '../../pieces/piece.ts';

/** Plan of one leg panel: each sum in mm on the panel, downs from the waist seam at the centre front. */
export interface LegPlan {
  readonly face: Face;
  /** The stretch of the waist that it is sewn to, and the place of the first dart above from the centre; mm. */
  readonly waist: Working;
  readonly dartOut: number | undefined;
  readonly hip: Working;
  readonly hipDepth: Working;
  /** Depth of the crotch line, and how far the fork runs past the centre there. */
  readonly crotch: Working;
  readonly fork: Working;
  readonly kneeDown: Working;
  readonly knee: Working;
  readonly length: Working;
  readonly hem: Working;
  /** The seat seam leans out so far at the waist, and rises above it: room to bend. Nothing in front. */
  readonly slant: Working;
  readonly rise: Working;
  /** Depth of the end of the zip; undefined on a panel that does not open. */
  readonly zipEnd: Working | undefined;
  readonly scale: number;
}
