import { equalSeam, type Seam } from '../../pieces/seam.ts';
import type { FacedBodicePieces } from '../faced-bodice/faced-bodice.ts';
import { edgesOf } from '../../garment/seam-parts.ts';
import type { PrincessShell } from '../princess-shell/princess-shell.ts';

/** The facings of the bustier on both panels of front and back. */
export function facingSeams(
  { front, back }: PrincessShell,
  { facingFront, facingBack }: Pick<FacedBodicePieces, 'facingFront' | 'facingBack'>,
): Seam[] {
  const overPanels = (
    id: string,
    role: 'neck' | 'armhole',
    facing: typeof facingFront,
    panels: typeof front,
  ) =>
    equalSeam(
      id,
      edgesOf(facing, role),
      [...edgesOf(panels.centre, role), ...edgesOf(panels.side, role)],
      role === 'neck' ? 'shoulder' : 'armhole',
    );
  return [
    overPanels('facing to neck front', 'neck', facingFront, front),
    overPanels('facing to neck back', 'neck', facingBack, back),
    overPanels('facing to armhole front', 'armhole', facingFront, front),
    overPanels('facing to armhole back', 'armhole', facingBack, back),
  ];
}
