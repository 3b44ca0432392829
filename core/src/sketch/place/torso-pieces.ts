import { edgesWithRole, isInside, type Edge, type Piece } from '../../pieces/piece.ts';
import { isWhole } from './panel.ts';
import { pointsAlong, runDown, type Run } from './run-down.ts';

/** Parts of a garment whose pieces lie on the torso as they are cut. */
const torso: readonly Piece['part'][] = ['bodice', 'cup', 'yoke', 'net', 'skirt'];

/** The pieces of a draft that lie on the torso and are seen; `hung` are those that hang as a whole. */
export const torsoPieces = (pieces: readonly Piece[], hung: readonly string[]): Piece[] =>
  pieces.filter(
    (piece) =>
      piece.face !== undefined && torso.includes(piece.part) && !isInside(piece) && !hung.includes(piece.id),
  );

/** The side edges of a piece; of one that is cut whole, those of the side that its shoulder is on. */
export function sideEdges(piece: Piece): Edge[] {
  const sides = edgesWithRole(piece, 'side');
  if (!isWhole(piece)) return sides;
  const middle = ({ path }: Edge): number => pointsAlong(path).reduce((sum, { x }) => sum + x, 0);
  const hand = Math.sign(edgesWithRole(piece, 'shoulder').reduce((sum, edge) => sum + middle(edge), 0)) || 1;
  return sides.filter((edge) => Math.sign(middle(edge)) === hand);
}

/** The side of a piece from the top down; undefined for one that reaches none. */
export const sideRun = (piece: Piece): Run | undefined => {
  const sides = sideEdges(piece);
  return sides.length > 0 ? runDown(sides) : undefined;
};

export const isSkirt = ({ part }: Piece): boolean => part === 'skirt';
