import { describe, expect, test } from '@jest/globals';
import { signedArea } from '../../../geometry/ring.ts';
import { dartRoof } from '../../../pieces/dart-roof.ts';
import { edgeLength, edgeOf, stitchRing } from '../../../pieces/piece.ts';
import { draftInput, middleBody } from '../../../testing/bodies.ts';
import { otherId } from '../../../pieces/other-half.ts';
import { mirrorPiece, openFlat } from './open-flat.ts';
import { plainBodice } from '../../../styles/plain-bodice.ts';
import { recipeOf } from '../../../styles/recipe-book.ts';

const [front] = recipeOf(plainBodice).draft(draftInput(middleBody)).pieces;
if (!front) throw new Error('no front');
const half = front.piece;
const whole = openFlat(half);

describe('a half opened flat', () => {
  test('is as large as both halves, has every edge twice but its centre, and no fold', () => {
    expect(signedArea(stitchRing(whole))).toBeCloseTo(2 * signedArea(stitchRing(half)), 3);
    expect(whole.edges.some(({ role }) => role === 'fold')).toBe(false);
    for (const { id } of half.edges.slice(0, -1))
      expect(edgeLength(edgeOf(whole, otherId(id)))).toBeCloseTo(edgeLength(edgeOf(half, id)), 9);
    expect(whole.darts).toHaveLength(2 * half.darts.length);
    expect(whole.notches).toHaveLength(2 * half.notches.length);
  });

  test('has its levels from side to side', () => {
    for (const { path } of whole.levels) expect(path[0]?.x).toBeCloseTo(-(path.at(-1)?.x ?? 0), 9);
  });

  test('a dart and its mirror image are pressed the same way: their roofs are mirror images', () => {
    for (const dart of half.darts) {
      const other = whole.darts.find(({ id }) => id === otherId(dart.id));
      if (!other) throw new Error(`no other ${dart.id}`);
      const [, peak] = dartRoof(whole, dart);
      const [, otherPeak] = dartRoof(whole, other);
      expect([dart.id, -otherPeak.x, otherPeak.y]).toEqual([
        dart.id,
        expect.closeTo(peak.x, 6),
        expect.closeTo(peak.y, 6),
      ]);
    }
  });

  test('mirrored twice it is what it was', () => {
    expect(mirrorPiece(mirrorPiece(whole)).edges.map(({ id }) => id)).toEqual(
      whole.edges.map(({ id }) => id),
    );
    const [there, back] = [stitchRing(whole), stitchRing(mirrorPiece(mirrorPiece(whole)))];
    expect(signedArea(back)).toBeCloseTo(signedArea(there), 6);
    expect(signedArea(stitchRing(mirrorPiece(whole)))).toBeCloseTo(signedArea(there), 6);
  });

  test('a piece that has no centre is not opened', () => {
    expect(() => openFlat(whole)).toThrow('no centre');
  });
});
