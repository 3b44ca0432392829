import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../garment/choice.ts';
import { edgeOf, edgesWithRole } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { pieceNamed } from '../testing/piece-named.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { doublePeplumTop } from './double-peplum-top.ts';
import { recipeOf } from './recipe-book.ts';

const draftOf = (choices: ChoiceValues = {}) =>
  recipeOf(doublePeplumTop).draft(draftInput(middleBody, choices));
const pieceOf = (id: string, choices: ChoiceValues = {}) => pieceNamed(draftOf(choices), id);

describe('the double peplum top', () => {
  expectStyleSound(doublePeplumTop, [{}, { ringOn: 'both', ringCircle: '0.5', drapeGather: '3' }]);

  test('the ring goes once around the armhole, by another library, and is cut for one arm or for both', () => {
    const draft = draftOf();
    const armhole = draft.pieces
      .filter(({ piece }) => piece.part === 'bodice' && piece.role === 'outer')
      .flatMap(({ piece }) => edgesWithRole(piece, 'armhole'))
      .reduce((sum, edge) => sum + lengthByLibrary(edge), 0);
    const ring = pieceOf('sleeve-ring');
    expect(2 * lengthByLibrary(edgeOf(ring, 'cap'))).toBeCloseTo(armhole, 1);
    expect([ring.cut.copies, pieceOf('sleeve-ring', { ringOn: 'both' }).cut.copies]).toEqual([1, 2]);
  });

  test('let out on one side, it is deeper there: on the shoulder, which lies on the fold', () => {
    const ring = pieceOf('sleeve-ring', { ringDepth: inches(3), ringLetOut: inches(2) });
    expect(lengthByLibrary(edgeOf(ring, 'fold'))).toBeCloseTo(inches(5), 3);
    expect(lengthByLibrary(edgeOf(ring, 'underarm'))).toBeCloseTo(inches(3), 3);
    const even = pieceOf('sleeve-ring', { ringLetOut: 0, ringCircle: '1', ringDepth: inches(3) });
    // Circumference of a circle: the hem of a whole ring is 2π times its depth longer than the armhole.
    expect(2 * (lengthByLibrary(edgeOf(even, 'hem')) - lengthByLibrary(edgeOf(even, 'cap')))).toBeCloseTo(
      2 * Math.PI * inches(3),
      1,
    );
  });

  test('the drape is of the outer cloth, a pair, and as much shorter as it is drawn tight', () => {
    expect([pieceOf('drape').role, pieceOf('drape').cut]).toEqual(['outer', { copies: 2, layers: 'pair' }]);
    const long = (drapeTight: number) => lengthByLibrary(edgeOf(pieceOf('drape', { drapeTight }), 'band'));
    expect(long(inches(1)) - long(inches(2))).toBeCloseTo(inches(2), 6);
  });
});
