import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { insideSeams } from '../faced-bodice/seams.ts';
import { edgesOf, joined } from '../seam-parts.ts';
import type { BustierDraft } from './panels.ts';

/** Every seam of the bustier on its half: the panels, the facings on both panels, and what is inside. */
export function bustierSeams({ faced, front, back }: BustierDraft): Seam[] {
  const { facingFront, facingBack } = faced.pieces;
  const overPanels = (id: string, facing: typeof facingFront, panels: typeof front) =>
    equalSeam(
      id,
      edgesOf(facing, 'armhole'),
      [...edgesOf(panels.centre, 'armhole'), ...edgesOf(panels.side, 'armhole')],
      'armhole',
    );
  return [
    joined('shoulder', 'shoulder', front.centre, back.centre),
    joined('princess front', 'princess', front.centre, front.side),
    joined('princess back', 'princess', back.centre, back.side),
    joined('bodice side', 'side', front.side, back.side),
    joined('facing to neck front', 'neck', facingFront, front.centre),
    joined('facing to neck back', 'neck', facingBack, back.centre),
    overPanels('facing to armhole front', facingFront, front),
    overPanels('facing to armhole back', facingBack, back),
    ...insideSeams(faced.pieces),
  ];
}
