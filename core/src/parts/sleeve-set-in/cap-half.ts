import type { Face } from '../../pieces/piece.ts';
import { joinEdges, type JoinSide } from '../../garment/join.ts';
import { pitchedSide, type PitchedSide } from '../../garment/join-notches.ts';
import type { Fullness, Seam } from '../../pieces/seam.ts';
import { plus, sum, times, type Working } from '../../workings/working.ts';

/** So much of the ease in the cap goes to the front. The team's drafting study. */
const EASE_IN_FRONT = 0.45;

/** One half of the cap against its half of the armhole: flat on it up to the pitch, and eased in evenly from there to the shoulder. */
export interface CapHalf extends PitchedSide {
  readonly side: JoinSide;
  readonly ease: Working;
  /** The length of the half cap. */
  readonly length: Working;
}

export function capHalf(side: JoinSide, face: Face, capEase: Working): CapHalf {
  const ease = times(capEase, face === 'front' ? EASE_IN_FRONT : 1 - EASE_IN_FRONT);
  return {
    side,
    ease,
    length: sum(plus(side.length), plus(ease)),
    ...pitchedSide(side, face === 'front' ? 'single' : 'double'),
  };
}

/** Length along the half cap, from the underarm, that goes with a length along its armhole; mm. */
export const onCap = ({ pitch, side, ease }: CapHalf, at: number): number =>
  at <= pitch ? at : at + (ease.mm * (at - pitch)) / (side.length.mm - pitch);

/** Fullness of the cap from notch to notch, from the underarm up. */
function fullnessOf(half: CapHalf): Fullness[] {
  const stops = [0, ...half.notches, half.side.length.mm];
  return stops.slice(1).map((to, index): Fullness => {
    const from = stops[index] ?? 0;
    const mm = onCap(half, to) - onCap(half, from) - (to - from);
    return mm < 1e-9 ? { kind: 'equal' } : { kind: 'ease', mm };
  });
}

export const setIn = (face: Face, half: CapHalf): Seam => ({
  id: `sleeve to armhole, ${face}`,
  // From the underarm up: the loop of the sleeve runs up the back of the cap and down its front, and that of a bodice down.
  a: [{ edge: `sleeve/cap-${face}`, reversed: face === 'front' }],
  b: joinEdges(half.side).map((edge) => ({ edge, reversed: true })),
  relation: { kind: 'between-notches', fullness: fullnessOf(half) },
  governing: 'armhole',
});
