import type { ClothRole, Piece } from '../../../pieces/piece.ts';

/** The id of a piece that is cut again from another cloth. */
export const copiedId = (id: string, role: ClothRole): string => `${role}-${id}`;

/** The same piece cut from another cloth: `skirt-front` becomes `lining-skirt-front`. Buttons are the outer cloth's. */
export const copyInto = (piece: Piece, role: ClothRole): Piece => ({
  ...piece,
  ...(piece.buttons && { buttons: [] }),
  id: copiedId(piece.id, role),
  name: `${role.charAt(0).toUpperCase()}${role.slice(1)} ${piece.name.toLowerCase()}`,
  role,
});
