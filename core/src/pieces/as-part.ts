import { capital } from '../text/capital.ts';
import type { PartName, Piece } from './piece.ts';

/** A panel as a panel of another part: `bodice-front-centre` as `cup-front-centre`. */
export function asPart(piece: Piece, part: PartName): Piece {
  const words = [part, piece.face, piece.panel].filter((word) => word !== undefined);
  return { ...piece, part, id: words.join('-'), name: capital(words.join(' ')) };
}
