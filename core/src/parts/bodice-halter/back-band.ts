import type { Detail } from '../../drafting/detail.ts';
import { edgesOf } from '../../garment/seam-parts.ts';
import { point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { edgeLength, edgesWithRole, levelEnds, makePiece, type Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import { changed, edgeOfPiece, type Working } from '../../workings/working.ts';

/** A band across the back above the waist, as deep as is asked, and the seam that joins it to the foot of the front’s side. */
export interface BackBand {
  readonly piece: Piece;
  readonly seam: Seam;
  readonly details: readonly Detail[];
}

/** The band reaches at most so far up the side that is left below a dart or armhole. */
const MOST_OF_SIDE = 0.9;

/** A straight band on the fold, as wide as the waist of the back that it stands for, and as low; it opens by a zip at the side. */
export function backBand(
  front: Piece,
  back: Piece,
  waist: Working,
  depth: Working,
  allowances: Allowances,
): BackBand {
  const side = edgesWithRole(front, 'side').at(-1);
  if (!side) throw new Error(`${front.id} has no side`);
  const long = edgeLength(side);
  const height = changed(depth, 'kept', Math.min(0, MOST_OF_SIDE * long - depth.mm));
  const [wide, high] = [waist.mm, height.mm];
  const low = levelEnds(back, 'waist').from.y;
  const [a, b, c, d] = [point(0, low - high), point(wide, low - high), point(wide, low), point(0, low)];
  const piece = makePiece({
    id: 'bodice-back',
    name: 'Back band',
    role: 'outer',
    part: 'bodice',
    face: 'back',
    cut: { copies: 1, layers: 'fold' },
    grain: point(0, 1),
    edges: [
      { id: 'top', role: 'top', path: [line(a, b)], allowance: allowances.top },
      { id: 'side', role: 'side', path: [line(b, c)], allowance: allowances.zip },
      { id: 'waist', role: 'waist', path: [line(c, d)], allowance: allowances.waist },
      { id: 'centre-back', role: 'fold', path: [line(d, a)], allowance: 0 },
    ],
    notches: [],
    darts: [],
    levels: [{ name: 'waist', path: [d, c] }],
    intakes: [],
    dimensions: [
      {
        name: 'waist',
        label: 'Waist, across',
        kind: 'out',
        at: { kind: 'width', level: 'waist' },
        working: waist,
        adds: 'side',
      },
      { name: 'depth', label: 'Depth', kind: 'length', at: { kind: 'edge', edge: 'side' }, working: height },
    ],
  });
  return {
    piece,
    seam: {
      id: 'band to the front’s side',
      a: [{ edge: `${piece.id}/side` }],
      b: [{ edge: `${front.id}/${side.id}`, from: long - high, to: long }],
      relation: { kind: 'equal' },
      governing: 'backWaistLength',
    },
    details: [{ kind: 'zip', face: 'back', edges: edgesOf(piece, 'side') }],
  };
}

/** The waist of a back that was drafted and left out. */
export const waistLeftOut = (back: Piece, mm: number): Working => edgeOfPiece(back.name, 'waist', mm);
