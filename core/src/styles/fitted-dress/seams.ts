import { edgesWithRole, type EdgeRole, type Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';

const edgesOf = (piece: Piece, role: EdgeRole): string[] =>
  edgesWithRole(piece, role).map((edge) => `${piece.id}/${edge.id}`);

const joined = (id: string, role: EdgeRole, a: Piece, b: Piece): Seam =>
  equalSeam(id, edgesOf(a, role), edgesOf(b, role));

const dartSeams = (piece: Piece): Seam[] =>
  piece.darts.map((dart) =>
    equalSeam(`${piece.id} ${dart.id}`, [`${piece.id}/${dart.legs[0]}`], [`${piece.id}/${dart.legs[1]}`]),
  );

export interface DressPieces {
  readonly bodiceFront: Piece;
  readonly bodiceBack: Piece;
  readonly skirtFront: Piece;
  readonly skirtBack: Piece;
}

/** Every seam of the dress on its half: what is sewn to what. */
export const dressSeams = ({ bodiceFront, bodiceBack, skirtFront, skirtBack }: DressPieces): Seam[] => [
  joined('shoulder', 'shoulder', bodiceFront, bodiceBack),
  joined('bodice side', 'side', bodiceFront, bodiceBack),
  joined('skirt side', 'side', skirtFront, skirtBack),
  joined('waist front', 'waist', bodiceFront, skirtFront),
  joined('waist back', 'waist', bodiceBack, skirtBack),
  ...[bodiceFront, bodiceBack, skirtFront, skirtBack].flatMap(dartSeams),
];
