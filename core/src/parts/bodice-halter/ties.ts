import type { Detail } from '../../drafting/detail.ts';
import { edgesOf } from '../../garment/seam-parts.ts';
import { evenly, notched } from '../../drafting/operations/edges/notched.ts';
import { pieceCount, strip } from '../../drafting/operations/pieces/strip.ts';
import { edgeLength, edgesWithRole, type Piece } from '../../pieces/piece.ts';
import { inches } from '../../units/length.ts';
import { chosen, divided, drawn, plus, sum, times, type Working } from '../../workings/working.ts';

/** A loop is cut so long, mm: about 3 in. Common practice. */
const LOOP = inches(3);
/** A tie at the neck, and what hangs below the lowest loop of the ties behind, mm. Common practice. */
const NECK_TIE = inches(20);
const BOW = inches(24);

export interface Ties {
  readonly front: Piece;
  readonly strips: readonly Piece[];
  readonly details: readonly Detail[];
}

/** The side's notches for loops: evenly spaced over all its stretches, so that none lies in an allowance. There is no back for its own to meet. */
function loopNotches(whole: Piece, count: number): Piece {
  const sides = edgesWithRole(whole, 'side');
  const front = {
    ...whole,
    notches: whole.notches.filter(({ edge }) => !sides.some(({ id }) => id === edge)),
  };
  const length = sides.reduce((total, edge) => total + edgeLength(edge), 0);
  let before = 0;
  return sides.reduce<Piece>((piece, side) => {
    const own = evenly(count, length).map((at) => at - before);
    before += edgeLength(side);
    return notched(piece, side.id, own, 'loop');
  }, front);
}

/** A tie as a doubled strip. */
const tiePiece = (id: string, name: string, length: Working, width: Working, copies: number, allowance: number): Piece =>
  strip({
    id,
    name,
    role: 'outer',
    length,
    width,
    doubled: true,
    copies,
    allowance: Math.min(allowance, inches(0.375)),
    notchesAt: [],
  }); // prettier-ignore

/** The ties from both straps around the neck. */
export const neckTies = (
  front: Piece,
  width: Working,
  allowance: number,
): { readonly piece: Piece; readonly details: readonly Detail[] } => ({
  piece: tiePiece('neck-tie', 'Neck tie', chosen('usual tie', NECK_TIE), width, 2, allowance),
  details: edgesOf(front, 'shoulder').map((from): Detail => ({
    kind: 'neck-tie',
    piece: 'neck-tie',
    from,
    width: width.mm,
    length: NECK_TIE,
  })),
});

/** The open back as wide as what the front leaves of the round, laced once for each pair of loops. */
export function tiesOf(
  front: Piece,
  loops: number,
  openBack: number,
  width: Working,
  longest: number,
  allowance: number,
): Ties {
  const lace = loops * openBack + 2 * BOW;
  const pieces = pieceCount(lace, longest, allowance);
  const whole = sum(
    plus(times(drawn('open back', openBack), loops)),
    plus(chosen('two ends for the bow', 2 * BOW)),
  );
  const neck = neckTies(front, width, allowance);
  return {
    front: loopNotches(front, loops),
    strips: [
      neck.piece,
      tiePiece('lace', 'Back tie', divided(whole, pieces), width, pieces, allowance),
      tiePiece('loops', 'Loop strip', times(chosen('one loop', LOOP), 2 * loops), width, 1, allowance),
    ],
    details: [
      ...neck.details,
      { kind: 'lacing', piece: 'lace', between: { sidesOf: front.id }, width: width.mm },
    ],
  };
}
