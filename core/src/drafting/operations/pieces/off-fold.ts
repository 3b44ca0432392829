import { makePiece, type ClothRole, type PartName, type Piece } from '../../../pieces/piece.ts';

/** Cloths that lie under another one. */
const UNDER: readonly ClothRole[] = ['lining', 'stay'];
/** Parts that are seen from near, or not at all. */
const SMALL: readonly PartName[] = ['facing', 'collar', 'strip'];

/**
 * Whether the trade allows a join where a piece lies on the fold: in facings, collars, belts and under-layers, never in the middle of a front
 * or back that shows. Common practice.
 */
export const mayBeJoined = ({ part, role, cut }: Pick<Piece, 'part' | 'role' | 'cut'>): boolean =>
  cut.layers === 'fold' && (UNDER.includes(role) || SMALL.includes(part));

/** Whether a piece of the cloth that shows may be cut from another one: facings, collars, bands and ties. Common practice. */
export const maySwitchCloth = ({ part, role }: Pick<Piece, 'part' | 'role'>): boolean =>
  role === 'outer' && SMALL.includes(part);

/** A piece that was laid on the fold, cut as two halves that are joined there instead; the allowance in mm. */
export const offFold = (piece: Piece, allowance: number): Piece =>
  makePiece({
    ...piece,
    cut: { copies: 2 * piece.cut.copies, layers: 'pair' },
    edges: piece.edges.map((edge) => (edge.role === 'fold' ? { ...edge, role: 'join', allowance } : edge)),
  });
