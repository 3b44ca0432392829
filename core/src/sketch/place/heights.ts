import { lookup, valueAt, type Lookup } from '../../geometry/lookup.ts';
import type { NamedEdge } from '../../pieces/named-edge.ts';
import { levelDown, type Face, type Piece } from '../../pieces/piece.ts';
import { edgesOn, type Seam } from '../../pieces/seam.ts';
import type { Figure } from '../figure.ts';
import { runDown } from './run-down.ts';
import { isSkirt, sideEdges, sideRun } from './torso-pieces.ts';

/** Above this the front's own heights stand: both shoulders are one line. Below, the way over the bust is shortened; mm. */
export const SHOULDER_ZONE = 40;

/** Depth of the waist on a face, mm: as drafted where a piece says so, else as it was measured. */
export function waistDown(face: Face, pieces: readonly Piece[], { measures }: Figure): number {
  const levels = pieces
    .filter((piece) => piece.face === face && !isSkirt(piece))
    .flatMap((piece) => piece.levels.filter(({ name }) => name === 'waist'));
  const [level] = levels;
  if (level) return levelDown(level);
  return face === 'front' ? measures.frontWaistLength : measures.backWaistLength;
}

/** Heights down the centre of a piece, by its y. */
export function centreHeights(piece: Piece, waist: number, figure: Figure): Lookup {
  const level = figure.heights.waist;
  if (isSkirt(piece)) return lookup([[0, level]], 1);
  return lookup(
    [
      [0, 0],
      [SHOULDER_ZONE, SHOULDER_ZONE],
      [waist, level],
    ],
    1,
  );
}

/** Heights down the sides of all pieces, by piece: of the back its own, of the front those of the back that it is sewn to. */
export function sideHeights(
  pieces: readonly Piece[],
  seams: readonly Seam[],
  find: (name: string) => NamedEdge | undefined,
  centre: (piece: Piece) => Lookup,
  figure: Figure,
): Map<Piece, Lookup> {
  const heights = new Map<Piece, Lookup>();
  for (const piece of pieces) {
    const run = sideRun(piece);
    if (!run) continue;
    const own = centre(piece);
    heights.set(
      piece,
      piece.face === 'back' || isSkirt(piece)
        ? own
        : lookup(
            run.points.map(({ at, along }) => [at.y, figure.heights.waist - (run.length - along)]),
            1,
          ),
    );
  }
  for (const { a, b } of seams) {
    const [front, back] = [edgesOn(a).map(find), edgesOn(b).map(find)];
    const [partner] = back;
    if (!partner || back.length !== 1 || partner.piece.face !== 'back' || partner.edge.role !== 'side')
      continue;
    const sewn = front.filter((each) => each !== undefined);
    if (sewn.length !== front.length || sewn.some(({ piece, edge }) => piece.face !== 'front' || !sideEdges(piece).includes(edge)))
      continue; // prettier-ignore
    const behind = runDown(sideEdges(partner.piece));
    const own = heights.get(partner.piece) ?? centre(partner.piece);
    const byArc = lookup(
      behind.points.map(({ at, along }) => [along, valueAt(own, at.y)]),
      1,
    );
    let before = 0;
    for (const piece of new Set(sewn.map((each) => each.piece))) {
      const run = runDown(sideEdges(piece));
      const start = before;
      heights.set(
        piece,
        lookup(
          run.points.map(({ at, along }) => [at.y, valueAt(byArc, start + along)]),
          1,
        ),
      );
      before += run.length;
    }
  }
  return heights;
}
