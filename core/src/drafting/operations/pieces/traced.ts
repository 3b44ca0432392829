import { copyInto } from './copy-into.ts';
import type { ClothRole, Piece, Trim } from '../../../pieces/piece.ts';
import type { Seam, SeamRun } from '../../../pieces/seam.ts';
import { edgesAsOn } from './trace.ts';

/** Less than this is not trimmed, mm. */
const LEAST_TRIM = 1;

/**
 * Pieces cut again from another cloth, each traced around the one it is taken from. A hem is turned up in the outer cloth
 * alone: what it has there beyond `hem`, mm, is cut off the traced piece.
 */
export const traced = (pieces: readonly Piece[], role: ClothRole, hem: number): Piece[] =>
  pieces.map((piece) => {
    const less = piece.edges
      .filter((edge) => edge.role === 'hem' && edge.allowance - hem > LEAST_TRIM)
      .map(({ role: of, allowance }): Trim => ({ role: of, mm: allowance - hem }));
    const [trim] = less;
    return {
      ...copyInto(piece, role),
      dimensions: edgesAsOn(piece),
      edges: piece.edges.map((edge) =>
        edge.role === 'hem' ? { ...edge, allowance: Math.min(edge.allowance, hem) } : edge,
      ),
      template: piece.id,
      ...(trim && { trims: [trim] }),
    };
  });

/** The same seams between the pieces of another cloth. */
export const seamsIn = (seams: readonly Seam[], role: ClothRole): Seam[] => {
  const there = (run: SeamRun): SeamRun => ({ ...run, edge: `${role}-${run.edge}` });
  return seams.map((seam) => ({
    ...seam,
    id: `${role} ${seam.id}`,
    a: seam.a.map(there),
    b: seam.b.map(there),
  }));
};
