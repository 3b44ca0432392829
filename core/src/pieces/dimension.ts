import type { SeamRole } from './allowances.ts';
import type { Working } from '../workings/working.ts';
import type { LevelName } from './level.ts';
import type { EdgeRole } from './piece.ts';

/** A place of a piece by its names, where a cut dimension is read. */
export type Place =
  /** The corner at the beginning or the end of the run of edges of a role. */
  | { readonly kind: 'corner'; readonly of: EdgeRole; readonly end: 'start' | 'end' }
  /** A level line at the centre or at the side: its depth there, or how far out it ends. */
  | { readonly kind: 'level'; readonly level: LevelName; readonly end: 'centre' | 'side' }
  /** Along a level line from the centre, or from the seam, to where it ends. */
  | { readonly kind: 'width'; readonly level: LevelName }
  | { readonly kind: 'dart'; readonly dart: string; readonly part: 'intake' | 'leg' | 'tip' }
  | {
      readonly kind: 'contour';
      readonly dart: string;
      readonly part: 'intake' | 'upper tip' | 'lower tip';
    }
  /** The length of all edges of a role, or of one edge. */
  | { readonly kind: 'run'; readonly of: EdgeRole }
  | { readonly kind: 'edge'; readonly edge: string }
  /** Difference in height of the two ends of an edge. */
  | { readonly kind: 'raise'; readonly of: EdgeRole }
  /** Distance of buttons, centre to centre. */
  | { readonly kind: 'buttons' }
  /** Distance of an edge that took the centre's place from the centre line, past it or inside of it. */
  | { readonly kind: 'from centre'; readonly of: EdgeRole; readonly side: 'past' | 'inside' }
  /** One end of one edge. */
  | { readonly kind: 'edge end'; readonly edge: string; readonly end: 'start' | 'end' }
  /** Difference in depth of the end of one edge and the beginning of another. */
  | { readonly kind: 'between'; readonly from: EdgeRole; readonly to: EdgeRole }
  /** A place inside the piece. */
  | { readonly kind: 'inside'; readonly x: number; readonly y: number };

/** One cut dimension of a piece, declared by what draws its place. */
export interface Dimension {
  /** Unique on its piece, such as `neck-width`. */
  readonly name: string;
  readonly label: string;
  /** An `out` is from the centre or fold, a `down` from the start line, a `length` along the piece. */
  readonly kind: 'out' | 'down' | 'length';
  readonly at: Place;
  /** On the stitch line, mm: the expression that the place was drawn by. */
  readonly working: Working;
  /** The seam whose allowance lies between stitch line and cut line there. */
  readonly adds?: SeamRole | undefined;
  /** The seam at its other end, where a width runs from side to side. */
  readonly addsBefore?: SeamRole | undefined;
  /** Follows from others: no hand moves a point to set it. */
  readonly follows?: true;
}

/** A dimension at a corner of the loop, out from the centre or down from the start line. */
export const corner = (
  name: string,
  label: string,
  kind: 'out' | 'down',
  at: Omit<Extract<Place, { kind: 'corner' }>, 'kind'>,
  working: Working,
  adds?: SeamRole,
): Dimension => ({ name, label, kind, at: { kind: 'corner', ...at }, working, adds });

/** The depth of a level at the centre or at the side. */
export const down = (
  name: string,
  label: string,
  level: LevelName,
  end: 'centre' | 'side',
  working: Working,
): Dimension => ({ name, label, kind: 'down', at: { kind: 'level', level, end }, working });

/** The length of all edges of a role. */
export const run = (name: string, label: string, of: EdgeRole, working: Working): Dimension => ({
  name,
  label,
  kind: 'length',
  at: { kind: 'run', of },
  working,
});
