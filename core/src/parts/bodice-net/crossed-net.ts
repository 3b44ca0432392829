import { crossedBand, crossedRing, type CrossedHalf } from '../../drafting/operations/pieces/crossed-band.ts';
import type { Detail } from '../../drafting/detail.ts';
import { point } from '../../geometry/point.ts';
import type { Piece } from '../../pieces/piece.ts';
import { inches } from '../../units/length.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import type { ShellContext } from '../princess-shell/shell-recipe.ts';
import { bodiceNetChoices, type BodiceNetChosen } from './choices.ts';

/** The net ends this far past the centre, where no zip is in the way, and this far from the side; mm. Common practice. */
const PAST_CENTRE = inches(1);
const FROM_SIDE = inches(1);

export interface CrossedNet {
  readonly piece: Piece;
  readonly detail: Detail;
}

/** Part of one half that the net covers: in front past the centre, behind from the zip on. */
function covered({ shell: { bodice, underBust } }: ShellContext, half: 'front' | 'back'): CrossedHalf {
  const { frame } = bodice;
  const start = half === 'front' ? -PAST_CENTRE : 0;
  const level = underBust?.level ?? frame.waist[half];
  return {
    waist: [point(start, level), point(frame.waistWidth[half] - FROM_SIDE, level)],
    shoulder: [frame.neckPoint, frame.tips[half]],
  };
}

/** Net that crosses over the bodice, from the waist to the opposite shoulder in front and behind; sewn to the outer alone. */
export function crossedNet(context: ShellContext, chosen: BodiceNetChosen): CrossedNet {
  const [front, back] = [covered(context, 'front'), covered(context, 'back')];
  const ratio = Number(chosen.netGather);
  const piece = crossedBand({
    id: 'net-crossed',
    name: 'Crossed net',
    role: 'net',
    front,
    back,
    tight: choiceTerm(bodiceNetChoices, 'netTight', chosen.netTight),
    ratio,
    allowance: context.allowances.overlay,
  });
  return {
    piece,
    detail: { kind: 'overlay', piece: piece.id, front: crossedRing(front), back: crossedRing(back) },
  };
}
