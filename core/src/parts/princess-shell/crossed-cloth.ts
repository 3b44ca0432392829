import { crossedBand, crossedRing, type CrossedHalf } from '../../drafting/operations/pieces/crossed-band.ts';
import type { Detail } from '../../drafting/detail.ts';
import { point } from '../../geometry/point.ts';
import type { Face, Piece } from '../../pieces/piece.ts';
import { inches } from '../../units/length.ts';
import type { Working } from '../../workings/working.ts';
import type { ShellContext, ShellGarment } from './shell-recipe.ts';

/** The cloth ends this far past the centre, where no zip is in the way, and this far from the side; mm. Common practice. */
const PAST_CENTRE = inches(1);
const FROM_SIDE = inches(1);

/** A band of net or of the outer cloth that crosses over a bodice, taken up in front and behind so that it lies tight, mm, and gathered. */
export interface CrossedPlan extends Pick<Piece, 'id' | 'name' | 'role'> {
  readonly tight: Working;
  /** Width as a multiple of what it covers. */
  readonly ratio: number;
}

export interface CrossedCloth {
  readonly piece: Piece;
  readonly detail: Detail;
}

/** Level of the seam that the panels end at, mm down; the waist itself where they go on below it. */
const lowerSeam = ({ plan, shell: { bodice, underBust } }: ShellContext, face: Face): number =>
  plan.endsUnderBust && underBust ? underBust.level : bodice.frame.waist[face];

/** Part of one half that the cloth covers: in front past the centre, behind from the zip on. */
function covered(context: ShellContext, face: Face): CrossedHalf {
  const { frame } = context.shell.bodice;
  const start = face === 'front' ? -PAST_CENTRE : 0;
  const level = lowerSeam(context, face);
  return {
    waist: [point(start, level), point(frame.waistWidth[face] - FROM_SIDE, level)],
    shoulder: [frame.neckPoint, frame.tips[face]],
  };
}

/** Cloth that crosses over the bodice, from the waist to the opposite shoulder in front and behind; sewn to the outer alone. */
export function crossedCloth(context: ShellContext, plan: CrossedPlan): CrossedCloth {
  const [front, back] = [covered(context, 'front'), covered(context, 'back')];
  const piece = crossedBand({ ...plan, front, back, allowance: context.allowances.overlay });
  return {
    piece,
    detail: { kind: 'overlay', piece: piece.id, front: crossedRing(front), back: crossedRing(back) },
  };
}

/** A bodice of panels with such a cloth over it. */
export const underCrossed = (bodice: ShellGarment, { piece, detail }: CrossedCloth): ShellGarment => ({
  ...bodice,
  others: [...bodice.others, piece],
  details: [...bodice.details, detail],
});
