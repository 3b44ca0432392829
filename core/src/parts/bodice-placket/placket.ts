import type { Detail } from '../../drafting/detail.ts';
import { buttoned } from '../../drafting/operations/edges/buttoned.ts';
import { evenly } from '../../drafting/operations/edges/notched.ts';
import { strip } from '../../drafting/operations/pieces/strip.ts';
import { edgesOf } from '../../garment/seam-parts.ts';
import { point } from '../../geometry/point.ts';
import { edgeName } from '../../pieces/edge-name.ts';
import { edgeLength, edgesWithRole, type Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { edgeOfPiece, plus, sum, type Working } from '../../workings/working.ts';

export interface Placket {
  readonly piece: Piece;
  readonly seam: Seam;
  readonly detail: Detail;
}

/** A placket as it is asked: finished width, and buttons on its first edge. */
export interface PlacketPlan {
  readonly width: Working;
  readonly buttons: number;
  readonly allowance: number;
}

/** A placket as long as all front edges that it is carried along, its buttons along the first of them. */
export function placketOf(front: Piece, { width, buttons, allowance }: PlacketPlan): Placket {
  const edges = edgesWithRole(front, 'front');
  const [first = 0] = edges.map(edgeLength);
  const half = width.mm / 2;
  const places = evenly(buttons, first).map((at) => point(half, at));
  const plain = strip({
    id: 'placket',
    name: 'Placket',
    role: 'outer',
    part: 'placket',
    length: sum(...edges.map((edge) => plus(edgeOfPiece(front.name, edgeName(edge.id), edgeLength(edge))))),
    width,
    doubled: true,
    copies: 2,
    allowance,
    notchesAt: [first],
  });
  const placket = buttoned(plain, places[0] ?? point(half, 0), places.at(-1) ?? point(half, first), buttons);
  const binds = edgesOf(front, 'front');
  return {
    piece: placket,
    detail: { kind: 'placket', piece: placket.id, binds, width: width.mm },
    seam: equalSeam('placket to front', [`${placket.id}/band`], binds, 'frontWaistLength'),
  };
}
