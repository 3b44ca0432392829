import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../garment/choice.ts';
import { keyLengths } from '../garment/key-lengths.ts';
import { edgesWithRole, roleLength } from '../pieces/piece.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { pieceNamed } from '../testing/piece-named.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { flareBlouse } from './flare-blouse.ts';
import { recipeOf } from './recipe-book.ts';

const draftOf = (choices: ChoiceValues = {}) =>
  recipeOf(flareBlouse).draft(draftInput({ ...withArm(middleBody), underBust: inches(31) }, choices));
const pieceOf = (id: string, choices: ChoiceValues = {}) => pieceNamed(draftOf(choices), id);

describe('the flare blouse', () => {
  expectStyleSound(flareBlouse, [{}, { net: 'crossed', circle: '1' }]);

  test('its panels end at a seam under the bust, as long all around as tape and ease come to', () => {
    const { rounds, pieces } = draftOf({ easeUnderBust: inches(1) });
    expect(rounds.map(({ level }) => level)).not.toContain('waist');
    expect(rounds.find(({ level }) => level === 'underBust')?.finished).toBeCloseTo(inches(32), 0);
    const seam = pieces
      .filter(({ piece }) => piece.role === 'outer' && piece.part === 'bodice')
      .reduce((sum, { piece }) => sum + 2 * roleLength(piece, 'waist'), 0);
    // The seam lies 8 mm lower, where the body is a little narrower.
    expect(seam).toBeLessThan(inches(32) + 1);
    expect(seam).toBeGreaterThan(inches(32) - 15);
  });

  test('the flare is as long as that seam along its inner edge, and hangs from it as long as it was asked', () => {
    const { seams } = draftOf();
    for (const seam of seams.filter(({ id }) => id.startsWith('skirt to waist')))
      expect([seam.id, Math.abs(seam.difference) < 0.01]).toEqual([seam.id, true]);
    const [fold] = edgesWithRole(pieceOf('skirt-front', { skirtLength: inches(14) }), 'fold');
    expect(fold && lengthByLibrary(fold)).toBeCloseTo(inches(14), 3);
  });

  test('trim is told in one length: along the hem of the flare and along both sleeves', () => {
    const trim = (choices: ChoiceValues) =>
      keyLengths(draftOf(choices)).find(({ of }) => of === 'trim')?.mm ?? 0;
    const hems = (ids: readonly string[]) =>
      ids
        .flatMap((id) => edgesWithRole(pieceOf(id), 'hem'))
        .reduce((sum, edge) => sum + 2 * lengthByLibrary(edge), 0);
    expect(trim({ bellTrim: 'none', hemTrim: 'none' })).toBe(0);
    expect(trim({ bellTrim: 'none' })).toBeCloseTo(hems(['skirt-front', 'skirt-back']), 3);
    expect(trim({ hemTrim: 'none' })).toBeCloseTo(2 * hems(['sleeve-flare']), 0);
  });

  test('a fitted skirt, which is drafted from the waist, is refused there', () => {
    const codes = draftOf({ skirt: 'skirt-fitted' }).findings.map(({ code }) => code);
    expect(codes).toContain('part-without-join');
  });
});
