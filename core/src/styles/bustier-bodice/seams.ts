import { equalSeam, type Seam } from '../../pieces/seam.ts';
import type { FacedBodicePieces } from '../faced-bodice/faced-bodice.ts';
import { edgesOf, joined } from '../seam-parts.ts';
import type { PrincessShell } from '../princess-shell/princess-shell.ts';

/** The facings of the bustier on both panels of front and back. */
export function facingSeams(
  { front, back }: PrincessShell,
  { facingFront, facingBack }: Pick<FacedBodicePieces, 'facingFront' | 'facingBack'>,
): Seam[] {
  const overPanels = (id: string, facing: typeof facingFront, panels: typeof front) =>
    equalSeam(
      id,
      edgesOf(facing, 'armhole'),
      [...edgesOf(panels.centre, 'armhole'), ...edgesOf(panels.side, 'armhole')],
      'armhole',
    );
  return [
    joined('facing to neck front', 'neck', facingFront, front.centre),
    joined('facing to neck back', 'neck', facingBack, back.centre),
    overPanels('facing to armhole front', facingFront, front),
    overPanels('facing to armhole back', facingBack, back),
  ];
}
