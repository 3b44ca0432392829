import type { Finding } from '../checks/finding.ts';
import type { Round } from '../checks/rounds.ts';
import type { CheckedSeam } from '../pieces/check-seams.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { Working } from '../workings/working.ts';

/** One cut dimension. An `out` is from the centre or fold, a `down` from the start line, a `length` along the piece. */
export interface Figure {
  /** piece/name, such as bodice-front/bust. */
  readonly id: string;
  readonly label: string;
  readonly kind: 'out' | 'down' | 'length';
  /** On the cut line, mm. */
  readonly mm: number;
  /** The same on the stitch line, mm. */
  readonly stitch: number;
  readonly working: Working;
  readonly by: 'computed';
}

/** Everything that follows from measures, choices and rules; plain data, all lengths in mm. */
export interface Draft {
  readonly pieces: readonly DraftedPiece[];
  readonly seams: readonly CheckedSeam[];
  readonly rounds: readonly Round[];
  readonly figures: readonly Figure[];
  readonly findings: readonly Finding[];
}
