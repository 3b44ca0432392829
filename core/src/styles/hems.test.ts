import { expect, test } from '@jest/globals';
import { endDirection, endOf, nearestOn, startDirection, startOf } from '../geometry/curve.ts';
import { after, before } from '../geometry/loop.ts';
import { add, dot, reflectDirection, subtract } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import { cutLine, offsetEdge } from '../pieces/cut-line.ts';
import type { Edge, Piece } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook } from './style-book.ts';

/** Turned up, the end of a hem lies along the seam that it meets within this, mm: a seam that bends above its hem leaves it by so much. */
const ALONG = 3;
/** A seam that meets its hem flatter than this is not turned up square; cosine. */
const SQUARE = 0.15;

/** Distance of a hem's outermost point, folded up about the hem, from the cut line of the seam beside it, mm; nothing where they do not meet square. */
function foldedOff(piece: Piece, hem: Edge, seam: Edge): number[] {
  const hemFirst = after(piece.edges, hem) === seam;
  const [corner, along, beside] = hemFirst
    ? [endOf(hem.path), endDirection(hem.path), startDirection(seam.path)]
    : [startOf(hem.path), startDirection(hem.path), endDirection(seam.path)];
  if (seam.allowance === 0 || Math.abs(dot(along, beside)) > SQUARE) return [];
  const cut = cutLine(piece).edges;
  const turn = cut.find(({ id }) => id === `${hemFirst ? hem.id : seam.id}-turn`);
  const below = hemFirst ? turn?.points[0] : turn?.points.at(-1);
  if (!below) throw new Error(`${piece.id}: ${hem.id} is not turned up at ${seam.id}`);
  const up = add(corner, reflectDirection(subtract(below, corner), along));
  const offset = offsetEdge(seam);
  const path = offset.slice(1).map((p, index) => line(offset[index] ?? p, p));
  return [nearestOn(path, up).gap];
}

test.each(Object.values(styleBook).map((style) => [style.id, style] as const))(
  '%s: every hem is the mirror of what lies above it',
  (_, style) => {
    const { pieces } = recipeOf(style).draft(draftInput(middleBody));
    const hemmed = pieces.flatMap(({ piece }) =>
      piece.edges
        .filter(({ role, allowance }) => role === 'hem' && allowance > 0)
        .flatMap((hem) =>
          [before(piece.edges, hem), after(piece.edges, hem)]
            .filter(({ role }) => role !== 'hem' && role !== 'dart' && role !== 'slit')
            .map((seam) => ({ at: `${piece.id}/${hem.id}, ${seam.id}`, off: foldedOff(piece, hem, seam) })),
        ),
    );
    expect(hemmed.filter(({ off: [mm = 0] }) => mm > ALONG)).toEqual([]);
    // What has hems has some that meet a seam square.
    const squares = hemmed.filter(({ off }) => off.length > 0).length;
    expect([style.id, squares > 0 || hemmed.length === 0]).toEqual([style.id, true]);
  },
);
