import type { EdgeRole, Later, Piece } from '@ample-bolt/core/pieces/piece';
import { laterEdgeId } from '@ample-bolt/core/shop/cut-id';
import type { PieceToCut } from './pieces-to-cut.ts';

/** The edges of one role that a piece keeps for later. */
export interface EdgeToCut {
  /** As it stands among what is cut: piece/role. */
  readonly id: string;
  readonly piece: Piece;
  readonly role: EdgeRole;
  readonly later: Later;
  readonly cut: boolean;
  /** Its piece is cut. */
  readonly ready: boolean;
}

/** What is left to cut once the panels are joined, on the laid pieces. */
export const edgesToCut = (pieces: readonly PieceToCut[], cut: readonly string[]): EdgeToCut[] =>
  pieces.flatMap(({ drafted: { piece }, cut: ready }) =>
    [...new Set(piece.edges.filter(({ later }) => later).map(({ role }) => role))].flatMap((role) => {
      const later = piece.edges.find((edge) => edge.role === role)?.later;
      const id = laterEdgeId(piece.id, role);
      return later ? [{ id, piece, role, later, cut: cut.includes(id), ready }] : [];
    }),
  );
