import { describe, expect, test } from '@jest/globals';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { coverageOf } from './coverage.ts';
import { armholeChecks, zipFindings } from './openings.ts';
import { fittedDress } from '../styles/fitted-dress.ts';
import { recipeOf } from '../styles/recipe-book.ts';

const { pieces } = recipeOf(fittedDress).draft(draftInput(middleBody));
const of = (prefix: string) =>
  pieces.filter(({ piece }) => piece.role === 'outer' && piece.id.startsWith(prefix));
const [bust = 0, hip = 0] = [middleBody.bust, middleBody.hip];

describe('openings', () => {
  test('a zip to near the hip line passes; one that ends at the waist does not', () => {
    expect(zipFindings(of('skirt'), inches(7), bust, hip)).toEqual([]);
    const [short] = zipFindings(of('skirt'), inches(0.5), bust, hip);
    expect(short).toMatchObject({ code: 'zip-too-short', expected: Math.min(bust, hip) });
    expect(short?.found).toBeLessThan(bust);
  });

  test('an armhole must pass the hand and the arm, where they were measured', () => {
    const bodice = of('bodice');
    const found = (values: { hand?: number; upperArm?: number }) =>
      armholeChecks(
        bodice.map(({ piece }) => piece),
        {
          taken: (id) => (id === 'hand' || id === 'upperArm' ? values[id] : undefined),
        },
      )((id) => {
        const piece = bodice.find((each) => each.piece.id === id);
        if (!piece) throw new Error(`no ${id}`);
        return piece;
      });
    expect(found({})).toEqual([]);
    expect(found({ hand: inches(9), upperArm: inches(12) })).toEqual([]);
    expect(found({ upperArm: inches(19) })).toMatchObject([
      { code: 'opening-too-small', where: { measure: 'upperArm' } },
    ]);
  });
});

test('coverage is how far the neck stays above the bust line', () => {
  const covered = coverageOf(pieces.map(({ piece }) => piece));
  expect(covered.map(({ piece }) => piece)).toEqual(['bodice-front', 'bodice-back']);
  const deeper = recipeOf(fittedDress).draft(draftInput(middleBody, { neckDepthFront: inches(6) })).coverage;
  expect((covered[0]?.aboveBust ?? 0) - (deeper[0]?.aboveBust ?? 0)).toBeCloseTo(inches(2.5), 6);
});
