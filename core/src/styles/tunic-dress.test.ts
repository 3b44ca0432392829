import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../garment/choice.ts';
import { edgeOf, edgesWithRole } from '../pieces/piece.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { recipeOf } from './recipe-book.ts';
import { tunicDress } from './tunic-dress.ts';

const draftOf = (choices: ChoiceValues, values = withArm(middleBody)) =>
  recipeOf(tunicDress).draft(draftInput(values, choices));
const pieceOf = ({ pieces }: ReturnType<typeof draftOf>, id: string) => {
  const found = pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};

expectStyleSound(tunicDress, [
  { sleeve: 'none' },
  { sleeve: 'none', tunicLength: inches(20), easeWaist: inches(2) },
]);

describe('a tunic', () => {
  test('is drawn from a short set: shoulder, half length, bust, waist, hip and the arm', () => {
    const { shoulder, frontWaistLength, bust, waist, hip } = middleBody;
    const { upperArm, armLength, wrist } = withArm(middleBody);
    const short = { shoulder, frontWaistLength, bust, waist, hip, upperArm, armLength, wrist } as typeof middleBody;
    const draft = draftOf({}, short);
    expect(draft.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    expect(draft.findings.filter(({ code }) => code === 'measure-derived').map(({ where }) => where.measure)).toEqual(
      expect.arrayContaining(['bustSpan', 'shoulderToBust', 'backWaistLength', 'armhole']),
    );
  }); // prettier-ignore

  test('clears the hip by its ease, and is wider at the hem by its flare in each quarter', () => {
    const hem = (tunicFlare: number) => {
      const draft = draftOf({ tunicFlare });
      const hip = draft.rounds.find(({ level }) => level === 'hip');
      expect((hip?.ease ?? 0) + 6.4).toBeGreaterThanOrEqual(inches(4));
      return (['bodice-front', 'bodice-back'] as const).reduce(
        (sum, id) => sum + 2 * lengthByLibrary(edgeOf(pieceOf(draft, id), 'hem')),
        0,
      );
    };
    expect(hem(inches(3)) - hem(inches(1))).toBeGreaterThan(4 * inches(1.9));
  });

  test('is slit alike in front and behind, as far as it is chosen; without slits its side is closed', () => {
    const draft = draftOf({ sideSlit: inches(9) });
    for (const id of ['bodice-front', 'bodice-back'])
      expect(lengthByLibrary(edgeOf(pieceOf(draft, id), 'side-slit'))).toBeCloseTo(inches(9), 6);
    expect(edgesWithRole(pieceOf(draftOf({ sideSlit: 0 }), 'bodice-front'), 'slit')).toEqual([]);
  });

  test('put on over the head, its back lies on the fold and its neck must pass the head', () => {
    const values = { ...withArm(middleBody), head: inches(22.5) };
    const draft = draftOf({ tunicOpens: 'head' }, values);
    expect(pieceOf(draft, 'bodice-back').cut.layers).toBe('fold');
    const [stop] = draft.findings.filter(({ code }) => code === 'opening-too-small');
    expect(stop).toMatchObject({ where: { subject: 'neck', measure: 'head' }, remedy: { choice: 'tunicOpens', option: 'zip' } });
    const wide = draftOf({ tunicOpens: 'head', neckWidth: inches(4), neckDepthFront: inches(6) }, values);
    expect(wide.findings.filter(({ code }) => code === 'opening-too-small')).toEqual([]);
  }); // prettier-ignore
});
