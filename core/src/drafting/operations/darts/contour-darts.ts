import { endOf, startOf } from '../../../geometry/curve.ts';
import { add, between, distance, quarterTurn, scale, subtract, unitVector } from '../../../geometry/point.ts';
import { line } from '../../../geometry/segment.ts';
import type { ContourDart } from '../../../pieces/contour-dart.ts';
import { edgeOf, makePiece, type Dart, type Edge, type Piece } from '../../../pieces/piece.ts';
import { carryDimensions, declared, withDimensions, sumOf } from '../../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../../pieces/dimension.ts';
import { dartLabel } from '../../../pieces/dart-dimensions.ts';
import { named, plus, sum, type Working } from '../../../workings/working.ts';

/** The waist dart with a second tip below: on its own middle line, so that its lower legs are equal as its upper ones are. */
function contourOf(piece: Piece, { id, legs }: Dart, below: number): ContourDart {
  const [first, second] = [edgeOf(piece, legs[0]).path, edgeOf(piece, legs[1]).path];
  const [outer, top, inner] = [startOf(first), endOf(first), endOf(second)];
  const down = scale(
    quarterTurn(unitVector(subtract(outer, inner))),
    distance(outer, inner) === 0 ? 0 : below,
  );
  return { id, top, outer, inner, bottom: add(between(outer, inner, 0.5), down) };
}

/**
 * Turns the waist darts of a piece into contour darts, which end `below` mm under the waist: the waist is one line across their
 * mouths, ready to be lengthened. Other darts stay as they are.
 */
export function contourDarts(piece: Piece, below: Working): Piece {
  const upright = piece.darts.filter((dart) => dart.in === 'waist');
  if (upright.length === 0) return piece;
  const legs = new Set(upright.flatMap((dart) => dart.legs));
  const stretches = piece.edges.filter(({ role }) => role === 'waist');
  const [first] = stretches;
  if (!first) throw new Error(`${piece.id} has no waist`);
  const path = stretches.flatMap((stretch, index) => {
    const next = stretches[index + 1];
    return next ? [...stretch.path, line(endOf(stretch.path), startOf(next.path))] : stretch.path;
  });
  const waist: Edge = { ...first, id: 'waist', path };
  const contoured = makePiece({
    ...piece,
    edges: piece.edges.flatMap((edge) => {
      if (edge === first) return [waist];
      return edge.role === 'waist' || legs.has(edge.id) ? [] : [edge];
    }),
    notches: piece.notches.filter(({ edge }) => !stretches.some(({ id }) => id === edge)),
    darts: piece.darts.filter((dart) => !upright.includes(dart)),
    contours: [...(piece.contours ?? []), ...upright.map((dart) => contourOf(piece, dart, below.mm))],
  });
  const isOf = ({ at }: Dimension): boolean => at.kind === 'dart' && upright.some(({ id }) => id === at.dart);
  const carried = carryDimensions(piece, contoured, (dimension) => {
    const { at } = dimension;
    if (at.kind !== 'dart' || !isOf(dimension)) return { change: 'curve' };
    if (at.part === 'leg') return undefined;
    const part = at.part === 'intake' ? 'intake' : 'upper tip';
    return { change: 'curve', told: { at: { kind: 'contour', dart: at.dart, part } } };
  });
  const feet = upright.map(({ id }): Dimension => {
    const at = { kind: 'contour', dart: id, part: 'lower tip' } as const;
    const waist = sumOf(piece, 'waist-line');
    return declared(
      contoured,
      {
        name: `${id}-foot-down`,
        label: `${dartLabel(id)}, lower tip, down`,
        kind: 'down',
        at,
        working: sum(plus(named('waist line', waist)), plus(below)),
      },
      'curve',
    );
  });
  return withDimensions(carried, ...feet);
}
