import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { edgesOf, joined } from '../../garment/seam-parts.ts';
import type { PrincessShell } from './princess-shell.ts';

/** The seams of a shell's panels on its half; shoulders only where it has them. */
export function shellSeams({ front, back }: Pick<PrincessShell, 'front' | 'back'>): Seam[] {
  const shoulders = (panels: PrincessShell['front']) =>
    [panels.centre, panels.side].flatMap((piece) => edgesOf(piece, 'shoulder'));
  const [a, b] = [shoulders(front), shoulders(back)];
  return [
    ...(a.length > 0 && b.length > 0 ? [equalSeam('shoulder', a, b, 'shoulder')] : []),
    joined('princess front', 'princess', front.centre, front.side),
    joined('princess back', 'princess', back.centre, back.side),
    joined('bodice side', 'side', front.side, back.side),
  ];
}
