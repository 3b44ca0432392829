import type { Detail } from '../../drafting/detail.ts';
import { buttoned } from '../../drafting/operations/edges/buttoned.ts';
import { evenly } from '../../drafting/operations/edges/notched.ts';
import { point } from '../../geometry/point.ts';
import { strip } from '../../drafting/operations/pieces/strip.ts';
import { edgeLength, edgeOf, type Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { edgeOfPiece, plus, sum, type Working } from '../../workings/working.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { edgesOf } from '../../garment/seam-parts.ts';
import { bodicePlacketChoices, type BodicePlacketChosen } from './choices.ts';

export interface Placket {
  readonly piece: Piece;
  readonly seam: Seam;
  readonly detail: Detail;
}

/** The width of the placket that was chosen. */
export const placketWidth = ({ placket }: BodicePlacketChosen): Working =>
  choiceTerm(bodicePlacketChoices, 'placket', placket);

/** A placket as long as the front edge and the cut-out around which it is carried, with its buttons. */
export function placketOf(front: Piece, chosen: BodicePlacketChosen, allowance: number): Placket {
  const [edge, around] = [edgeLength(edgeOf(front, 'front-edge')), edgeLength(edgeOf(front, 'cut-out'))];
  const width = placketWidth(chosen);
  const half = chosen.placket / 2;
  const count = Number(chosen.buttons);
  const places = evenly(count, edge).map((at) => point(half, at));
  const plain = strip({
    id: 'placket',
    name: 'Placket',
    role: 'outer',
    part: 'placket',
    length: sum(
      plus(edgeOfPiece(front.name, 'front edge', edge)),
      plus(edgeOfPiece(front.name, 'cut-out', around)),
    ),
    width,
    doubled: true,
    copies: 2,
    allowance,
    notchesAt: [edge],
  });
  const placket = buttoned(plain, places[0] ?? point(half, 0), places.at(-1) ?? point(half, edge), count);
  return {
    piece: placket,
    detail: { kind: 'placket', piece: placket.id, binds: edgesOf(front, 'front'), width: chosen.placket },
    seam: equalSeam('placket to front', [`${placket.id}/band`], edgesOf(front, 'front'), 'frontWaistLength'),
  };
}
