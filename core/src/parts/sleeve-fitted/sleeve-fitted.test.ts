import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../../garment/choice.ts';
import { endOf, startOf } from '../../geometry/curve.ts';
import { distance } from '../../geometry/point.ts';
import { edgeOf, edgesWithRole } from '../../pieces/piece.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { draftInput, middleBody, withArm } from '../../testing/bodies.ts';
import { expectCuttable, expectTrue } from '../../testing/expect-sound.ts';
import { lengthByLibrary } from '../../testing/length-by-library.ts';
import { missesBody, missesSizes } from '../../testing/misses-size-table.ts';
import { pieceNamed } from '../../testing/piece-named.ts';
import { ordinaryRanges, randomBodies } from '../../testing/random-bodies.ts';
import { inches } from '../../units/length.ts';

const body = withArm(middleBody);
const draftOf = (choices: ChoiceValues, values = body) =>
  recipeOf({ id: 'plain-bodice' }).draft(draftInput(values, { sleeve: 'sleeve-fitted', ...choices }));
const straight = recipeOf({ id: 'plain-bodice' }).draft(
  draftInput(body, { sleeve: 'sleeve-set-in', easeUpperArm: inches(1.75) }),
);

describe.each(['dart', 'pieces'])('a sleeve that is bent at the elbow by %s', (elbowBy) => {
  test('is true in every size and on ordinary bodies', () => {
    const bodies = randomBodies(ordinaryRanges, 51);
    const all = [
      ...missesSizes.map(missesBody),
      ...Array.from({ length: 6 }, () => bodies.next().value.values),
    ];
    for (const values of all) {
      const draft = draftOf({ elbowBy }, withArm(values));
      expectCuttable(draft);
      for (const { id, difference } of draft.seams)
        expect([id, Math.abs(difference) < 0.5]).toEqual([id, true]);
    }
    expectTrue(draftOf({ elbowBy }));
  });

  test('has the cap of the straight sleeve, as long by another library', () => {
    const capOf = (draft: ReturnType<typeof draftOf>) =>
      draft.pieces
        .filter(({ piece }) => piece.part === 'sleeve')
        .flatMap(({ piece }) => edgesWithRole(piece, 'armhole'))
        .reduce((sum, edge) => sum + lengthByLibrary(edge), 0);
    expect(capOf(draftOf({ elbowBy }))).toBeCloseTo(capOf(straight), 3);
  });

  test('has a wrist that lies further forward, the more it is opened', () => {
    const forward = (elbowOpen: number) => {
      const hem = edgesWithRole(pieceNamed(draftOf({ elbowBy, elbowOpen }), 'sleeve'), 'hem').flatMap(
        ({ path }) => [startOf(path).x, endOf(path).x],
      );
      return (Math.min(...hem) + Math.max(...hem)) / 2;
    };
    const [little, much] = [forward(inches(0.5)), forward(inches(1.5))];
    // In front is to the right on the piece.
    expect(much - little).toBeGreaterThan(10);
  });
});

test('the elbow dart is as wide as it was opened, its legs are alike, and the seam without it as long as in front', () => {
  const sleeve = pieceNamed(draftOf({ elbowBy: 'dart', elbowOpen: inches(1) }), 'sleeve');
  const [dart] = sleeve.darts;
  if (!dart) throw new Error('no dart');
  const legs = dart.legs.map((id) => lengthByLibrary(edgeOf(sleeve, id)));
  expect(legs[0]).toBeCloseTo(legs[1] ?? NaN, 3);
  const mouth = distance(startOf(edgeOf(sleeve, dart.legs[0]).path), endOf(edgeOf(sleeve, dart.legs[1]).path));
  expect(mouth).toBeCloseTo(inches(1), 3);
  const back = ['underarm-back-1', 'underarm-back-2'].reduce((sum, id) => sum + lengthByLibrary(edgeOf(sleeve, id)), 0);
  expect(Math.abs(back - lengthByLibrary(edgeOf(sleeve, 'underarm-front')))).toBeLessThan(0.3);
}); // prettier-ignore

test('upper and under sleeve are together as wide around arm and wrist as the sleeve of one piece', () => {
  const around = (draft: ReturnType<typeof draftOf>, level: string) =>
    draft.rounds.find((round) => round.level === level)?.finished ?? NaN;
  const draft = draftOf({ elbowBy: 'pieces' });
  expect(around(draft, 'upperArm')).toBeCloseTo(around(straight, 'upperArm'), 0);
  expect(Math.abs(around(draft, 'sleeveHem') - around(straight, 'sleeveHem'))).toBeLessThan(3);
  expect(draft.pieces.filter(({ piece }) => piece.part === 'sleeve').map(({ piece }) => piece.name)).toEqual([
    'Upper sleeve',
    'Under sleeve',
  ]);
});
