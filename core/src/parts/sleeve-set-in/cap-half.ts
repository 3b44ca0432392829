import type { Face } from '../../pieces/piece.ts';
import { joinEdges, type JoinSide } from '../../garment/join.ts';
import { pitchedSide, type PitchedSide } from '../../garment/join-notches.ts';
import type { Fullness, Seam } from '../../pieces/seam.ts';
import { drawn, minus, named, plus, sum, times, type Working } from '../../workings/working.ts';

/** So much of the ease in the cap goes to the front. The team's drafting study. */
const EASE_IN_FRONT = 0.45;

/** The cap over its armhole: eased in by so much on the whole of it, or gathered above the notches in this ratio. */
export type CapFullness =
  { readonly kind: 'ease'; readonly ease: Working } | { readonly kind: 'gather'; readonly ratio: number };

/** One half of the cap against its half of the armhole: flat on it up to the pitch, and fuller evenly from there to the shoulder. */
export interface CapHalf extends PitchedSide {
  readonly side: JoinSide;
  readonly fullness: CapFullness;
  /** Length of the half cap over its armhole. */
  readonly over: Working;
  /** The length of the half cap. */
  readonly length: Working;
}

/** Length of half a cap over its side of the armhole. */
function overArmhole(side: JoinSide, pitch: number, face: Face, fullness: CapFullness): Working {
  switch (fullness.kind) {
    case 'ease':
      return times(fullness.ease, face === 'front' ? EASE_IN_FRONT : 1 - EASE_IN_FRONT);
    case 'gather': {
      const above = sum(plus(side.length), minus(drawn('up to the notch', pitch)));
      return times(named('armhole above the notch', above), fullness.ratio - 1);
    }
  }
}

export function capHalf(side: JoinSide, face: Face, fullness: CapFullness): CapHalf {
  const pitched = pitchedSide(side, face === 'front' ? 'single' : 'double');
  const over = overArmhole(side, pitched.pitch, face, fullness);
  return { ...pitched, side, fullness, over, length: sum(plus(side.length), plus(over)) };
}

/** Length along the half cap, from the underarm, that goes with a length along its armhole; mm. */
export const onCap = ({ pitch, side, over }: CapHalf, at: number): number =>
  at <= pitch ? at : at + (over.mm * (at - pitch)) / (side.length.mm - pitch);

/** Fullness of the cap from notch to notch, from the underarm up. */
function fullnessOf(half: CapHalf): Fullness[] {
  const stops = [0, ...half.notches, half.side.length.mm];
  return stops.slice(1).map((to, index): Fullness => {
    const from = stops[index] ?? 0;
    const mm = onCap(half, to) - onCap(half, from) - (to - from);
    if (mm < 1e-9) return { kind: 'equal' };
    return half.fullness.kind === 'gather' ? half.fullness : { kind: 'ease', mm };
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
