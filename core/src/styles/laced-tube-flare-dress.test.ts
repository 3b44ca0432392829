import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../garment/choice.ts';
import { endOf, startOf } from '../geometry/curve.ts';
import { centreOf, edgesWithRole, type Piece } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { lacedTubeFlareDress } from './laced-tube-flare-dress.ts';
import { recipeOf } from './recipe-book.ts';

const draftOf = (choices: ChoiceValues = {}) =>
  recipeOf(lacedTubeFlareDress).draft(draftInput(middleBody, choices));
const pieceOf = (id: string, choices: ChoiceValues = {}): Piece => {
  const found = draftOf(choices).pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};
const topOf = (choices: ChoiceValues): number =>
  edgesWithRole(pieceOf('bodice-back-centre', choices), 'top').reduce(
    (sum, edge) => sum + lengthByLibrary(edge),
    0,
  );

expectStyleSound(lacedTubeFlareDress, [{}, { laceGap: inches(5), laceLoops: '9' }]);

describe('a laced back', () => {
  test('is open by half the gap on each side at its top, and closed at its foot', () => {
    expect(topOf({ laceGap: inches(2) }) - topOf({ laceGap: inches(4) })).toBeCloseTo(inches(1), 0);
    const { path } = centreOf(pieceOf('bodice-back-centre', { laceGap: inches(4) }));
    const xs = [startOf(path).x, endOf(path).x];
    expect(Math.max(...xs)).toBeCloseTo(inches(2), 6);
    expect(Math.min(...xs)).toBeCloseTo(0, 0);
  });

  test('has as many loops as are chosen, half a space clear of its ends, and a lace that crosses between them all', () => {
    const lace = (loops: string) => {
      const { notches } = pieceOf('bodice-back-centre', { laceLoops: loops });
      return notches.filter(({ edge }) => edge === centreOf(pieceOf('bodice-back-centre')).id).length;
    };
    expect([lace('5'), lace('9')]).toEqual([5, 9]);
    const length = (choices: ChoiceValues) => {
      const { cut, edges } = pieceOf('lace', choices);
      return cut.copies * Math.max(...edges.map(lengthByLibrary));
    };
    // A lace that crosses passes the gap once at each loop, on each of its two ends.
    expect(length({ laceLoops: '9' }) - length({ laceLoops: '5' })).toBeGreaterThan(
      2 * 4 * inches(2) - inches(1),
    );
  });
});
