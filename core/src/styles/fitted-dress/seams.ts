import type { MeasureId } from '../../measures/catalogue.ts';
import { edgesWithRole, type EdgeRole, type Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import type { DressPieces } from './pieces.ts';

const edgesOf = (piece: Piece, role: EdgeRole): string[] =>
  edgesWithRole(piece, role).map((edge) => `${piece.id}/${edge.id}`);

/** The measure that a seam's length turns on, by what it joins. */
const measureOfRole: { readonly [role in EdgeRole]?: MeasureId } = {
  shoulder: 'shoulder',
  neck: 'shoulder',
  armhole: 'armhole',
  inner: 'shoulderToBust',
  waist: 'waist',
};

const isSkirt = ({ id }: Piece): boolean => id.includes('skirt');

/** Where to look when the lengths of a piece do not come out: down the back for a bodice, to the hip for a skirt. */
export const lengthOf = (piece: Piece): MeasureId => (isSkirt(piece) ? 'waistToHip' : 'backWaistLength');

const joined = (id: string, role: EdgeRole, a: Piece, b: Piece): Seam =>
  equalSeam(id, edgesOf(a, role), edgesOf(b, role), measureOfRole[role] ?? lengthOf(a));

const dartSeams = (piece: Piece): Seam[] =>
  piece.darts.map((dart) =>
    equalSeam(
      `${piece.id} ${dart.id}`,
      [`${piece.id}/${dart.legs[0]}`],
      [`${piece.id}/${dart.legs[1]}`],
      dart.id === 'bust-dart' ? 'shoulderToBust' : 'waist',
    ),
  );

/** Every seam of the dress on its half: what is sewn to what. The stay is fused and has none. */
export function dressSeams(dress: DressPieces): Seam[] {
  const { bodiceFront, bodiceBack, skirtFront, skirtBack, facingFront, facingBack } = dress;
  const { liningBodiceFront, liningBodiceBack, liningSkirtFront, liningSkirtBack } = dress;
  return [
    joined('shoulder', 'shoulder', bodiceFront, bodiceBack),
    joined('bodice side', 'side', bodiceFront, bodiceBack),
    joined('skirt side', 'side', skirtFront, skirtBack),
    joined('waist front', 'waist', bodiceFront, skirtFront),
    joined('waist back', 'waist', bodiceBack, skirtBack),
    ...[bodiceFront, bodiceBack, skirtFront, skirtBack].flatMap(dartSeams),
    joined('facing shoulder', 'shoulder', facingFront, facingBack),
    joined('facing side', 'side', facingFront, facingBack),
    joined('facing to neck front', 'neck', facingFront, bodiceFront),
    joined('facing to neck back', 'neck', facingBack, bodiceBack),
    joined('facing to armhole front', 'armhole', facingFront, bodiceFront),
    joined('facing to armhole back', 'armhole', facingBack, bodiceBack),
    joined('facing to lining front', 'inner', facingFront, liningBodiceFront),
    joined('facing to lining back', 'inner', facingBack, liningBodiceBack),
    joined('lining bodice side', 'side', liningBodiceFront, liningBodiceBack),
    joined('lining skirt side', 'side', liningSkirtFront, liningSkirtBack),
    joined('lining waist front', 'waist', liningBodiceFront, liningSkirtFront),
    joined('lining waist back', 'waist', liningBodiceBack, liningSkirtBack),
    ...[liningBodiceFront, liningBodiceBack, liningSkirtFront, liningSkirtBack].flatMap(dartSeams),
  ];
}
