import type { EdgeRole } from '../pieces/piece.ts';

/** Among what is cut, a piece stands by its id, and an edge of it that was left for later as piece/role. */
export const laterEdgeId = (piece: string, role: EdgeRole): string => `${piece}/${role}`;

export const isLaterEdge = (id: string): boolean => id.split('/').length > 1;

/** The piece that something cut belongs to. */
export const pieceOfCut = (id: string): string => id.split('/')[0] ?? id;
