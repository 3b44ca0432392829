import { clamp } from '../geometry/clamp.ts';
import { point, type Point } from '../geometry/point.ts';
import { boxOf } from '../geometry/ring.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { EdgeRole } from '../pieces/piece.ts';
import type { ChalkManner } from './chalk-manner.ts';

/** The seam that a piece hangs from: the first of these that it has. */
const topSeams: readonly EdgeRole[] = ['shoulder', 'inner', 'waist'];

/** The gain of the shop's downs where they start at the cut edge: the allowance of the topmost seam, mm. */
function startLineGain({ piece }: DraftedPiece, startLine: ChalkManner['startLine']): number {
  if (startLine === 'stitch') return 0;
  const roles = piece.edges.map(({ role }) => role);
  const top = topSeams.find((role) => roles.includes(role));
  return piece.edges.find(({ role }) => role === top)?.allowance ?? 0;
}

/** The point that a piece's downs and outs are chalked from, and its depth below the start line of the figures, mm. */
export interface ChalkOrigin {
  readonly at: Point;
  readonly below: number;
}

/**
 * The crossing of start line and centre, in the piece's own coordinates. A piece that begins below the start line, as one without
 * a shoulder does, has a start line at its own top: a tape can only be laid to a place on the cloth.
 */
export function chalkOrigin(drafted: DraftedPiece, { startLine, line }: ChalkManner): ChalkOrigin {
  const startY = -startLineGain(drafted, startLine);
  const { minX, maxX, minY } = boxOf(drafted.outline);
  const top = boxOf(line === 'cut' ? drafted.outline : drafted.stitch).minY;
  const y = minY > startY ? top : startY;
  return { at: point(clamp(0, minX, maxX), y), below: y - startY };
}
