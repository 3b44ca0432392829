import { describe, expect, test } from '@jest/globals';
import { distance } from '../../../geometry/point.ts';
import { contourIntake, contourOpening } from '../../../pieces/contour-dart.ts';
import { edgesWithRole } from '../../../pieces/piece.ts';
import { draftInput, middleBody } from '../../../testing/bodies.ts';
import { inches } from '../../../units/length.ts';
import { contourDarts } from './contour-darts.ts';
import { plainLength } from '../../../testing/plain-length.ts';
import { plainBodice } from '../../../styles/plain-bodice.ts';
import { recipeOf } from '../../../styles/recipe-book.ts';

const [front] = recipeOf(plainBodice).draft(draftInput(middleBody)).pieces;
if (!front) throw new Error('no front');
const whole = front.piece;
const contoured = contourDarts(whole, plainLength(inches(5)));
const [dart] = contoured.contours ?? [];
if (!dart) throw new Error('no contour dart');

describe('contour darts', () => {
  test('come of the waist darts alone; the waist is one line across their mouths', () => {
    expect(contoured.darts.map(({ id }) => id)).toEqual(['bust-dart']);
    expect(contoured.contours?.map(({ id }) => id)).toEqual(['waist-dart-1']);
    expect(edgesWithRole(contoured, 'waist')).toHaveLength(1);
    expect(contoured.edges.some(({ id }) => id.startsWith('waist-dart'))).toBe(false);
  });

  test('have legs of one length above and below, and end as far under the waist as was asked', () => {
    expect(distance(dart.top, dart.outer)).toBeCloseTo(distance(dart.top, dart.inner), 6);
    expect(distance(dart.bottom, dart.outer)).toBeCloseTo(distance(dart.bottom, dart.inner), 6);
    expect(dart.bottom.y - (dart.outer.y + dart.inner.y) / 2).toBeCloseTo(inches(5), 0);
  });

  test('stand open most at the waist, half-way half as much, and nothing beyond their tips', () => {
    const middle = (dart.outer.y + dart.inner.y) / 2;
    const intake = contourIntake(dart);
    expect(contourOpening(dart, middle)).toBeCloseTo(intake, 6);
    expect(contourOpening(dart, (middle + dart.bottom.y) / 2)).toBeCloseTo(intake / 2, 6);
    expect(contourOpening(dart, dart.top.y - 10)).toBe(0);
    expect(contourOpening(dart, dart.bottom.y + 10)).toBe(0);
  });

  test('a piece without waist darts is left as it is', () => {
    const [plain] = recipeOf(plainBodice).draft(draftInput(middleBody, { darts: 'side' })).pieces;
    if (!plain) throw new Error('no front');
    expect(contourDarts(plain.piece, plainLength(inches(5)))).toBe(plain.piece);
  });
});
