import type { Body } from '../../drafting/body.ts';
import type { BodiceFrame } from '../../drafting/bodice/frame.ts';
import { roundBelowWaist } from '../../drafting/round-below-waist.ts';
import { endOf, pointWhere } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { edgesWithRole, levelEnds, pathDown, type Face, type Piece } from '../../pieces/piece.ts';
import { divided, drawn, drawnTerm, minus, named, plus, sum, type Working } from '../../workings/working.ts';

/** A hem below the hip, or above it: how far down the side, the ease over the hip, and how much wider it is than the line over that. */
export interface OverHip {
  readonly depth: number;
  readonly ease: Working;
  readonly flare: Working;
}

/** The side of a piece at its waist, out from the centre, mm. */
const waistOut = (piece: Piece): number => {
  const side = edgesWithRole(piece, 'side').at(-1);
  return side ? endOf(pathDown(side)).x : 0;
};

/** A quarter of the body’s round with its ease on one face, at the hip or at a hem above it. */
function quarterAt(face: Face, round: number, words: string, ease: Working, { sums }: BodiceFrame): Working {
  const share = divided(named('front share', sums.share), 2);
  const quarter = divided(sum(plus(drawn(words, round)), plus(ease)), 4);
  return sum(plus(quarter), face === 'front' ? plus(share) : minus(share));
}

/** The half-width at the hem: over the hip and straight on, and out by the flare that was chosen. */
export function hemHalf(piece: Piece, face: Face, body: Body, frame: BodiceFrame, { depth, ease, flare }: OverHip): Working {
  const hipDepth = body.mm('waistToHip');
  if (depth <= hipDepth)
    return sum(plus(quarterAt(face, roundBelowWaist(body, depth), 'round there', ease, frame)), plus(flare));
  const hip = quarterAt(face, body.mm('hip'), 'hip', ease, frame);
  const out = waistOut(piece);
  // From the waist to the hip and straight on; a waist that hangs wider than the hip falls straight.
  const on = Math.max(0, (hip.mm - out) * (depth / hipDepth - 1));
  const widest = Math.max(0, out - hip.mm);
  return sum(plus(named('at the hip', hip)), drawnTerm('as wide as it hangs from the waist', widest), drawnTerm('on in the line of the side', on), plus(flare));
} // prettier-ignore

/** The hip as a level of a panel that goes on below it. */
export function withHip(piece: Piece, depth: number): Piece {
  const { from } = levelEnds(piece, 'waist');
  const y = from.y + depth;
  const side = edgesWithRole(piece, 'side').flatMap((edge) => pointWhere(edge.path, 'y', y) ?? []);
  const [at] = side;
  return at ? { ...piece, levels: [...piece.levels, { name: 'hip', path: [point(0, y), at] }] } : piece;
}
