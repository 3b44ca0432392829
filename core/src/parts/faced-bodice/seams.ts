import type { Seam } from '../../pieces/seam.ts';
import { dartSeams, joined } from '../../garment/seam-parts.ts';
import type { FacedBodicePieces, InsidePieces } from './faced-bodice.ts';

/** The seams inside: facings with each other and with the lining. The stay is fused and has none. */
export function insideSeams(pieces: InsidePieces): Seam[] {
  const { facingFront, facingBack, liningBodiceFront, liningBodiceBack } = pieces;
  return [
    joined('facing shoulder', 'shoulder', facingFront, facingBack),
    joined('facing side', 'side', facingFront, facingBack),
    joined('facing to lining front', 'inner', facingFront, liningBodiceFront),
    joined('facing to lining back', 'inner', facingBack, liningBodiceBack),
    joined('lining bodice side', 'side', liningBodiceFront, liningBodiceBack),
    ...[liningBodiceFront, liningBodiceBack].flatMap(dartSeams),
  ];
}

/** Every seam of a faced bodice on its half: what is sewn to what. */
export function facedBodiceSeams(pieces: FacedBodicePieces): Seam[] {
  const { bodiceFront, bodiceBack, facingFront, facingBack } = pieces;
  return [
    joined('shoulder', 'shoulder', bodiceFront, bodiceBack),
    joined('bodice side', 'side', bodiceFront, bodiceBack),
    ...[bodiceFront, bodiceBack].flatMap(dartSeams),
    joined('facing to neck front', 'neck', facingFront, bodiceFront),
    joined('facing to neck back', 'neck', facingBack, bodiceBack),
    joined('facing to armhole front', 'armhole', facingFront, bodiceFront),
    joined('facing to armhole back', 'armhole', facingBack, bodiceBack),
    ...insideSeams(pieces),
  ];
}
