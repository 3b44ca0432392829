import type { Draft } from '../drafting/draft.ts';
import type { Piece } from '../pieces/piece.ts';

/** The piece of a draft by its id; throws where it has none. */
export function pieceNamed({ pieces }: Pick<Draft, 'pieces'>, id: string): Piece {
  const found = pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
}
