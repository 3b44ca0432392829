import type { Detail } from './detail.ts';
import type { Coverage } from '../checks/coverage.ts';
import type { Finding } from '../findings/finding.ts';
import type { Round } from '../checks/rounds.ts';
import type { Point } from '../geometry/point.ts';
import type { CheckedSeam } from '../pieces/check-seams.ts';
import type { Place } from '../pieces/dimension.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { Working } from '../workings/working.ts';

/** One cut dimension. An `out` is from the centre or fold, a `down` from the start line, a `length` along the piece. */
export interface Figure {
  /** piece/name, such as bodice-front/bust. */
  readonly id: string;
  readonly label: string;
  readonly kind: 'out' | 'down' | 'length';
  /** Its place on the piece. */
  readonly at: Place;
  /** On the line that the shop works by, the cut line unless it adds the allowance on the cloth; mm. */
  readonly mm: number;
  /** The same on the cut line, mm. */
  readonly cut: number;
  /** The same on the stitch line, mm. */
  readonly stitch: number;
  /** Value of the sum, mm: the same unless a hand moved the figure. */
  readonly computed: number;
  readonly working: Working;
  /** The sum without allowances, to the stitch line. */
  readonly stitchWorking: Working;
  /** The point of the stitch line that a hand can move to set this figure, and the way that lengthens it; null for what only follows. */
  readonly moves: { readonly at: Point; readonly way: Point } | null;
  readonly by: 'computed' | 'hand';
  /** The reason given for a figure set by hand. */
  readonly why?: string;
}

/** Everything that follows from measures, choices and rules; plain data, all lengths in mm. */
export interface Draft {
  readonly pieces: readonly DraftedPiece[];
  readonly seams: readonly CheckedSeam[];
  readonly rounds: readonly Round[];
  readonly coverage: readonly Coverage[];
  readonly figures: readonly Figure[];
  /** Details of the garment made up, beyond its panels. */
  readonly details: readonly Detail[];
  readonly findings: readonly Finding[];
}
