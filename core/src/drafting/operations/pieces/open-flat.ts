import { curveLength, mapCurve, reverseCurve, type Curve } from '../../../geometry/curve.ts';
import { point, type Point } from '../../../geometry/point.ts';
import { centreOf, edgeOf, type Dart, type Piece } from '../../../pieces/piece.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import { minus, named, sum, times } from '../../../workings/working.ts';
import { openAt } from './open-at.ts';

const mirror = (p: Point): Point => point(-p.x, p.y);
const mirrored = (path: Curve): Curve => reverseCurve(mapCurve(path, mirror));

/** A half-piece opened out at its centre, with the dimensions that hold from side to side. There is no seam there any more; it must be straight. */
export function openFlat(half: Piece): Piece {
  const open = openAt(half, centreOf(half).id);
  return carryDimensions(half, open, ({ label, at, adds }) => {
    const isMirrored = at.kind === 'run' || at.kind === 'corner';
    const isAcross = at.kind === 'inside' || (at.kind === 'level' && at.end !== 'centre');
    if (isMirrored || isAcross) return undefined;
    if (at.kind !== 'width') return { change: 'curve' };
    return {
      becomes: (working) => times(named('one half', working), 2),
      change: 'curve',
      told: { label: label.replace(', across', ', side to side'), kind: 'length', addsBefore: adds },
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
  ...(piece.lines && {
    lines: piece.lines.map((each) => ({ ...each, path: mapCurve(each.path, mirror) })),
  }),
});
