import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../../garment/choice.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { draftInput, middleBody, withArm } from '../../testing/bodies.ts';
import { expectTrue } from '../../testing/expect-sound.ts';
import { lengthByLibrary } from '../../testing/length-by-library.ts';
import { inches } from '../../units/length.ts';

const draftOf = (choices: ChoiceValues, hand = inches(7.5)) =>
  recipeOf({ id: 'plain-bodice' }).draft(
    draftInput({ ...withArm(middleBody), hand }, { sleeve: 'sleeve-bell', ...choices }),
  );
const pieceOf = ({ pieces }: ReturnType<typeof draftOf>, id: string): Piece => {
  const found = pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};

describe('a bell sleeve', () => {
  test.each(['0.25', '0.5', '0.75'])('whose flare is %s of a circle: its upper edge is the sleeve’s end, its radius that of the circle', (bellCircle) => {
    for (const sleeveTo of ['short', 'elbow', 'wrist']) {
      const draft = draftOf({ bellCircle, sleeveTo, bellDepth: inches(7) });
      expectTrue(draft);
      const [sleeve, flare] = [pieceOf(draft, 'sleeve'), pieceOf(draft, 'sleeve-flare')];
      const end = lengthByLibrary(edgeOf(sleeve, 'flare'));
      expect(2 * lengthByLibrary(edgeOf(flare, 'flare'))).toBeCloseTo(end, 1);
      const radius = draft.figures.find(({ id }) => id === 'sleeve-flare/inner-circle')?.stitch ?? NaN;
      // Circumference of a circle: 2πr.
      expect(2 * Math.PI * radius * Number(bellCircle)).toBeCloseTo(end, 6);
      const hem = 2 * lengthByLibrary(edgeOf(flare, 'hem'));
      expect(hem).toBeCloseTo(2 * Math.PI * (radius + inches(7)) * Number(bellCircle), 1);
    }
  }); // prettier-ignore

  test('must let the hand through where the flare begins, and says how', () => {
    const [stop] = draftOf({ sleeveTo: 'wrist', easeSleeveEnd: inches(0.5) }, inches(9)).findings.filter(
      ({ code }) => code === 'opening-too-small',
    );
    expect(stop).toMatchObject({ severity: 'stop', remedy: { choice: 'easeSleeveEnd' } });
  });
});
