import type { Seam } from '../../pieces/seam.ts';
import { joined, joinedPieces } from '../../garment/seam-parts.ts';
import type { PrincessShell } from './princess-shell.ts';

/** The seams of a shell's panels on its half; shoulders only where it has them. */
export function shellSeams({ front, back }: Pick<PrincessShell, 'front' | 'back'>): Seam[] {
  const shoulders = joinedPieces(
    'shoulder',
    'shoulder',
    [front.centre, front.side],
    [back.centre, back.side],
  );
  return [
    ...(shoulders.a.length > 0 && shoulders.b.length > 0 ? [shoulders] : []),
    joined('princess front', 'princess', front.centre, front.side),
    joined('princess back', 'princess', back.centre, back.side),
    joined('bodice side', 'side', front.side, back.side),
  ];
}
