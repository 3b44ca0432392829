import { makePiece, type ClothRole, type Piece } from '../../pieces/piece.ts';

/** Cloths that lie under another one. */
const UNDER: readonly ClothRole[] = ['lining', 'stay'];
/** Words in the ids of pieces that are seen from near, or not at all. */
const SMALL = ['facing', 'collar', 'stand', 'band', 'belt', 'tie', 'strap', 'loops'];

const isSmall = (id: string): boolean => id.split('-').some((word) => SMALL.includes(word));

/**
 * Whether the trade allows a join where a piece lies on the fold: in facings, collars, belts and under-layers, never in the middle of a front
 * or back that shows. Common practice.
 */
export const mayBeJoined = ({ id, role, cut }: Pick<Piece, 'id' | 'role' | 'cut'>): boolean =>
  cut.layers === 'fold' && (UNDER.includes(role) || isSmall(id));

/** Whether a piece of the cloth that shows may be cut from another one: facings, collars, bands and ties. Common practice. */
export const maySwitchCloth = ({ id, role }: Pick<Piece, 'id' | 'role'>): boolean =>
  role === 'outer' && isSmall(id);

/** A piece that was laid on the fold, cut as two halves that are joined there instead; the allowance in mm. */
export const offFold = (piece: Piece, allowance: number): Piece =>
  makePiece({
    ...piece,
    cut: { copies: 2 * piece.cut.copies, layers: 'pair' },
    edges: piece.edges.map((edge) => (edge.role === 'fold' ? { ...edge, role: 'join', allowance } : edge)),
  });
