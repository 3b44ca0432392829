import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../../garment/choice.ts';
import { walkSeam } from '../../pieces/walk-seam.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { draftInput, middleBody, withArm } from '../../testing/bodies.ts';
import { expectFair, expectRunsOn, expectTrue } from '../../testing/expect-sound.ts';
import { lengthByLibrary } from '../../testing/length-by-library.ts';
import { missesBody, missesSizes } from '../../testing/misses-size-table.ts';
import { inches } from '../../units/length.ts';

const body = withArm(middleBody);
const draftOf = (choices: ChoiceValues, values = body) =>
  recipeOf({ id: 'plain-bodice' }).draft(draftInput(values, choices));
type Draft = ReturnType<typeof draftOf>;
const pieceOf = ({ pieces }: Draft, id: string): Piece => {
  const found = pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};
const long = (draft: Draft, piece: string, edge: string) =>
  lengthByLibrary(edgeOf(pieceOf(draft, piece), edge));

describe('sleeves that are set in', () => {
  test.each(['sleeve-set-in', 'sleeve-bell', 'sleeve-cuffed', 'sleeve-shirt', 'sleeve-flounced'])(
    '%s: its cap bends to one side and then to the other, and cap and end run on across its own seam',
    (sleeve) => {
      for (const size of missesSizes.filter((__, index) => index % 3 === 0)) {
        const draft = draftOf({ sleeve }, withArm(missesBody(size)));
        expectTrue(draft);
        expectFair(draft, 'adult');
        expectRunsOn(draft);
        // The seam from underarm to end is sewn to itself: both ends of the sleeve run on there.
        const underarm = draft.seams.find(({ id }) => id === 'sleeve underarm');
        const pieces = draft.pieces.map(({ piece }) => piece);
        expect(underarm && walkSeam(pieces, underarm).runsOn).toHaveLength(2);
      }
    },
  );
});

describe('a cuffed sleeve', () => {
  test.each(['1', '1.5', '2'])('its cap is gathered %s to 1 above the notches alone, and its end into the cuff as it is chosen', (capGather) => {
    for (const cuffRatio of ['1.25', '2']) {
      const draft = draftOf({ sleeve: 'sleeve-cuffed', capGather, cuffRatio });
      expectTrue(draft);
      const cuff = long(draft, 'cuff', 'band');
      expect(cuff).toBeCloseTo((body.wrist ?? 0) + inches(1.5), 6);
      expect(long(draft, 'sleeve', 'cuff') / cuff).toBeCloseTo(Number(cuffRatio), 4);
      for (const face of ['front', 'back']) {
        const seam = draft.seams.find(({ id }) => id === `sleeve to armhole, ${face}`);
        const [below, above] = [seam?.intervals[0], seam?.intervals.at(-1)];
        expect(below?.lengthA).toBeCloseTo(below?.lengthB ?? 0, 1);
        if (capGather !== '1') expect((above?.lengthA ?? 0) / (above?.lengthB ?? 1)).toBeCloseTo(Number(capGather), 2);
      }
      // From the tip of the shoulder to the end of the cuff it is the arm, and an inch to blouse over it.
      const length = draft.figures.find(({ id }) => id === 'sleeve/length')?.stitch ?? 0;
      expect(length + inches(2)).toBeCloseTo((body.armLength ?? 0) + inches(1), 6);
    }
  }); // prettier-ignore

  test('that is closed must pass the hand, and one that buttons need not', () => {
    const hand = { ...body, hand: inches(9) };
    const stops = (choices: ChoiceValues) =>
      draftOf({ sleeve: 'sleeve-cuffed', easeCuff: inches(0.5), ...choices }, hand).findings.filter(
        ({ code }) => code === 'opening-too-small',
      );
    const [stop] = stops({});
    expect(stop).toMatchObject({ severity: 'stop', remedy: { kind: 'set-choice', choice: 'easeCuff' } });
    if (stop?.remedy?.kind !== 'set-choice') throw new Error('no remedy');
    expect(stops({ easeCuff: stop.remedy.mm })).toEqual([]);
    expect(stops({ cuffOpens: 'buttons' })).toEqual([]);
  });
});

test('a shirt’s sleeve takes up its pleats, twice as deep as they lie, and its cuff the lap', () => {
  for (const [cuffPleats, count] of [['1', 1], ['3', 3]] as const) {
    const draft = draftOf({ sleeve: 'sleeve-shirt', cuffPleats, pleatDepth: inches(0.75) });
    expectTrue(draft);
    const cuff = long(draft, 'cuff', 'band');
    // Common practice: a pleat takes twice its depth; a cuff laps over itself by an inch.
    expect(long(draft, 'sleeve', 'cuff') - cuff).toBeCloseTo(2 * count * inches(0.75), 1);
    expect(cuff).toBeCloseTo((body.wrist ?? 0) + inches(2.5), 6);
    expect(pieceOf(draft, 'sleeve').notches.filter(({ marks }) => marks === 'slit')).toHaveLength(1);
    expect(long(draft, 'sleeve-placket', 'band')).toBeCloseTo(2 * inches(3.5), 6);
  }
}); // prettier-ignore

describe('a flounced sleeve', () => {
  test.each(['2', '3', '4'])('of %s: the last flounce ends at the length, each as long as its line', (flounces) => {
    const depth = inches(4.5);
    const draft = draftOf({ sleeve: 'sleeve-flounced', sleeveTo: 'wrist', flounces, flounceDepth: depth });
    expectTrue(draft);
    const sleeve = pieceOf(draft, 'sleeve');
    const end = draft.figures.find(({ id }) => id === 'sleeve/length')?.stitch ?? 0;
    expect(end + depth).toBeCloseTo(body.armLength ?? 0, 0);
    const downs = [...(sleeve.lines ?? []).map(({ path }) => path[0]?.a.y ?? 0), end];
    // Common practice: pitch = (length − depth) ÷ (n − 1), so that all lie equally far apart.
    const pitches = downs.slice(1).map((down, index) => down - (downs[index] ?? 0));
    for (const pitch of pitches) expect(Math.abs(pitch - (pitches[0] ?? 0))).toBeLessThan(1.5);
    for (const { path } of sleeve.lines ?? []) {
      const line = lengthByLibrary({ path });
      expect(2 * long(draft, 'flounce', 'flare')).toBeCloseTo(line, 1);
    }
    expect(draft.seams.filter(({ id }) => id.startsWith('flounce '))).toHaveLength(Number(flounces));
  }); // prettier-ignore

  test('that would show the sleeve between its flounces says so, and covers it by what is offered', () => {
    const choices = { sleeve: 'sleeve-flounced', sleeveTo: 'wrist', flounces: '3' };
    const apart = (flounceDepth: number) =>
      draftOf({ ...choices, flounceDepth }).findings.filter(({ code }) => code === 'flounces-apart');
    const [care] = apart(inches(3));
    expect(care).toMatchObject({ severity: 'care', remedy: { choice: 'flounceDepth' } });
    if (care?.remedy?.kind !== 'set-choice') throw new Error('no remedy');
    expect(apart(care.remedy.mm)).toEqual([]);
  });
});
