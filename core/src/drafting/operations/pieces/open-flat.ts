import { otherId } from '../../../pieces/other-half.ts';
import { curveLength, mapCurve, reverseCurve, type Curve } from '../../../geometry/curve.ts';
import { point, type Point } from '../../../geometry/point.ts';
import {
  centreOf,
  edgeLength,
  edgeOf,
  makePiece,
  type Dart,
  type Edge,
  type Level,
  type Piece,
} from '../../../pieces/piece.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import { minus, named, sum, times } from '../../../workings/working.ts';
import { between } from '../../../geometry/loop.ts';

const mirror = (p: Point): Point => point(-p.x, p.y);
const mirrored = (path: Curve): Curve => reverseCurve(mapCurve(path, mirror));

/** A level from side to side: its mirrored half without the centre, then the half as it was drawn. */
const across = (level: Level): Level => ({
  ...level,
  path: [...level.path.slice(1).map(mirror).reverse(), ...level.path],
});

/**
 * A half-piece opened out, so that its two halves may come to differ: the half as it was drafted, then its mirror image, as one
 * loop that is cut once on single cloth. There is no seam at the centre any more; it must be straight.
 */
export function openFlat(half: Piece): Piece {
  const centre = centreOf(half);
  const drawn = between(half.edges, centre, centre);
  const other = [...drawn]
    .reverse()
    .map((edge): Edge => ({ ...edge, id: otherId(edge.id), path: mirrored(edge.path) }));
  const isDrawn = (id: string): boolean => drawn.some((edge) => edge.id === id);
  const open = makePiece({
    ...half,
    cut: { copies: 1, layers: 'single' },
    edges: [...drawn, ...other],
    notches: half.notches
      .filter(({ edge }) => isDrawn(edge))
      .flatMap((notch) => [
        notch,
        { ...notch, edge: otherId(notch.edge), at: edgeLength(edgeOf(half, notch.edge)) - notch.at },
      ]),
    darts: half.darts.flatMap((dart): Dart[] => [
      dart,
      {
        ...dart,
        id: otherId(dart.id),
        legs: [otherId(dart.legs[1]), otherId(dart.legs[0])],
      },
    ]),
    levels: half.levels.map(across),
  });
  return carryDimensions(half, open, ({ label, at }) => {
    const isMirrored = at.kind === 'run' || at.kind === 'corner';
    const isAcross = at.kind === 'inside' || (at.kind === 'level' && at.end !== 'centre');
    if (isMirrored || isAcross) return undefined;
    if (at.kind !== 'width') return { change: 'curve' };
    return {
      becomes: (working) => times(named('one half', working), 2),
      change: 'curve',
      told: { label: label.replace(', across', ', side to side'), kind: 'length', adds: undefined },
    };
  });
}

/** A whole piece as its mirror image: front and back of a garment whose halves differ face each other. */
export const mirrorPiece = (piece: Piece): Piece =>
  carryDimensions(piece, mirrorLoop(piece), ({ at, kind }) =>
    at.kind === 'dart' && kind === 'out'
      ? { becomes: (working) => sum(minus(working)), change: 'curve' }
      : { change: 'curve' },
  );

const mirrorLoop = (piece: Piece): Piece => ({
  ...piece,
  edges: [...piece.edges].reverse().map((edge) => ({ ...edge, path: mirrored(edge.path) })),
  notches: piece.notches.map((notch) => ({
    ...notch,
    at: curveLength(edgeOf(piece, notch.edge).path) - notch.at,
  })),
  darts: piece.darts.map((dart): Dart => ({ ...dart, legs: [dart.legs[1], dart.legs[0]] })),
  levels: piece.levels.map((level) => ({ ...level, path: level.path.map(mirror).reverse() })),
});
