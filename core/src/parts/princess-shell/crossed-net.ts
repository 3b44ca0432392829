import { crossedBand, crossedRing, type CrossedHalf } from '../../drafting/operations/pieces/crossed-band.ts';
import type { Detail } from '../../drafting/detail.ts';
import { point } from '../../geometry/point.ts';
import type { Piece } from '../../pieces/piece.ts';
import { inches } from '../../units/length.ts';
import type { Working } from '../../workings/working.ts';
import type { ShellContext } from './shell-recipe.ts';

/** The net ends this far past the centre, where no zip is in the way, and this far from the side; mm. Common practice. */
const PAST_CENTRE = inches(1);
const FROM_SIDE = inches(1);

/** Taken up so much in front and behind, so that it lies tight, mm; gathered from so many times the width that it covers. */
export interface CrossedNetPlan {
  readonly tight: Working;
  readonly ratio: number;
  /** Another cloth than net, by the name of the piece. */
  readonly drape?: { readonly id: string; readonly name: string };
}

export interface CrossedNet {
  readonly piece: Piece;
  readonly detail: Detail;
}

/** Part of one half that the net covers: in front past the centre, behind from the zip on. */
function covered({ plan, shell: { bodice, underBust } }: ShellContext, half: 'front' | 'back'): CrossedHalf {
  const { frame } = bodice;
  const start = half === 'front' ? -PAST_CENTRE : 0;
  const level = (plan.endsUnderBust && underBust?.level) || frame.waist[half];
  return {
    waist: [point(start, level), point(frame.waistWidth[half] - FROM_SIDE, level)],
    shoulder: [frame.neckPoint, frame.tips[half]],
  };
}

/** Net that crosses over the bodice, from the waist to the opposite shoulder in front and behind; sewn to the outer alone. */
export function crossedNet(context: ShellContext, { tight, ratio, drape }: CrossedNetPlan): CrossedNet {
  const [front, back] = [covered(context, 'front'), covered(context, 'back')];
  const piece = crossedBand({
    ...(drape ?? { id: 'net-crossed', name: 'Crossed net' }),
    role: drape ? 'outer' : 'net',
    front,
    back,
    tight,
    ratio,
    allowance: context.allowances.overlay,
  });
  return {
    piece,
    detail: { kind: 'overlay', piece: piece.id, front: crossedRing(front), back: crossedRing(back) },
  };
}
