import type { Seam } from '../../pieces/seam.ts';
import { facedBodiceSeams } from '../faced-bodice/seams.ts';
import { dartSeams, joined } from '../../garment/seam-parts.ts';
import type { DressPieces } from './pieces.ts';

/** Every seam of the dress on its half: those of its bodice, the skirt's, and the waist that joins them. */
export function dressSeams(dress: DressPieces): Seam[] {
  const { bodiceFront, bodiceBack, skirtFront, skirtBack } = dress;
  const { liningBodiceFront, liningBodiceBack, liningSkirtFront, liningSkirtBack } = dress;
  return [
    ...facedBodiceSeams(dress),
    joined('skirt side', 'side', skirtFront, skirtBack),
    joined('waist front', 'waist', bodiceFront, skirtFront),
    joined('waist back', 'waist', bodiceBack, skirtBack),
    ...[skirtFront, skirtBack].flatMap(dartSeams),
    joined('lining skirt side', 'side', liningSkirtFront, liningSkirtBack),
    joined('lining waist front', 'waist', liningBodiceFront, liningSkirtFront),
    joined('lining waist back', 'waist', liningBodiceBack, liningSkirtBack),
    ...[liningSkirtFront, liningSkirtBack].flatMap(dartSeams),
  ];
}
