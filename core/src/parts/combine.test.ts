import { describe, expect, test } from '@jest/globals';
import type { Draft } from '../drafting/draft.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { endOf } from '../geometry/curve.ts';
import { slotIds, slots } from '../garment/part.ts';
import { idsIn } from '../pieces/named-edge.ts';
import { edgeOf, type Piece } from '../pieces/piece.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { draftGap } from '../testing/draft-gap.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { expectCuttable, expectTrue } from '../testing/expect-sound.ts';
import { missesBody, missesSizes } from '../testing/misses-size-table.ts';
import { styleOfEachBodice } from '../testing/style-of-each-bodice.ts';
import { ordinaryRanges, randomBodies } from '../testing/random-bodies.ts';
import { inches } from '../units/length.ts';
import { partBook } from './part-book.ts';
import { edgesOn, whole, type SeamSide } from '../pieces/seam.ts';

const body = { ...withArm(middleBody), offShoulderRound: inches(41) };
const draftOf = (id: string, choices: ChoiceValues, values = body): Draft =>
  recipeOf({ id }).draft(draftInput(values, choices));
const pieceOf = ({ pieces }: Draft, id: string): Piece => {
  const found = pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};

/** Length of the edges that a seam names, by a general reference library. */
const lengthOf = (draft: Draft, side: SeamSide): number =>
  edgesOn(side)
    .map(idsIn)
    .reduce((sum, { piece, edge }) => sum + lengthByLibrary(edgeOf(pieceOf(draft, piece), edge)), 0);

const seamOf = ({ seams }: Draft, id: string) => {
  const found = seams.find((seam) => seam.id === id);
  if (!found) throw new Error(`no seam ${id}`);
  return found;
};

/** Every bodice with every part that its joins fit. */
const pairs = styleOfEachBodice.flatMap(({ id, lacks }) =>
  partBook.filter(({ slot }) => lacks[slots[slot]] === undefined).map((part) => [id, part] as const),
);
const choicesFor = (part: (typeof partBook)[number]): ChoiceValues => ({
  ...Object.fromEntries(slotIds.map((slot) => [slot, 'none'])),
  [part.slot]: part.id,
  // One that may go on to a hem below the waist ends there.
  below: 'waist',
});

describe('any bodice with any part that its joins fit', () => {
  test.each(pairs.map(([id, part], index) => [id, part.id, part, index] as const))('%s with %s is true', (id, _, part, place) => {
    const choices = choicesFor(part);
    // Other sizes and another body for each pair.
    const bodies = randomBodies(ordinaryRanges, 41 + place);
    const all = [
      ...missesSizes.filter((__, index) => index % 5 === place % 5).map(missesBody),
      bodies.next().value.values,
    ];
    for (const values of all) {
      const draft = draftOf(id, choices, { ...withArm(values), offShoulderRound: inches(41) });
      expectCuttable(draft);
      for (const seam of draft.seams) expect([seam.id, Math.abs(seam.difference) < 1]).toEqual([seam.id, true]);
      expect(draft.findings.filter(({ code }) => code === 'part-without-join' || code === 'seam-differs')).toEqual([]);
    }
  }); // prettier-ignore

  test('a part leaves the bodice as it was', () => {
    for (const [id, part] of pairs) {
      // A halter is closed behind by a band where something hangs from it: here it has it alone as well.
      const band = { halterBack: 'band' };
      const bare = draftOf(id, { ...choicesFor({ ...part, id: 'none' }), ...band });
      const own = new Set(bare.pieces.map(({ piece }) => piece.id));
      const sewn = draftOf(id, { ...choicesFor(part), ...band });
      const pieces = sewn.pieces.filter(({ piece }) => own.has(piece.id));
      expect([id, part.id, draftGap(bare, { ...sewn, pieces }).mm]).toEqual([id, part.id, 0]);
      expect(sewn.pieces.length).toBeGreaterThan(bare.pieces.length);
    }
  });
});

describe('a collar', () => {
  test('is as long as the neck of any bodice, and opens where that does', () => {
    for (const id of ['plain-bodice', 'bustier-bodice', 'fitted-dress', 'yoke-blouse', 'net-v-blouse'])
      for (const collar of ['collar-stand', 'collar-fall']) {
        const draft = draftOf(id, { collar });
        const { a, b, relation } = seamOf(draft, 'collar to neck');
        expect(Math.abs(lengthOf(draft, a) - lengthOf(draft, b))).toBeLessThan(0.1);
        expect(relation.kind).toBe('equal');
        // A zip behind: the collar is on the fold in front.
        expect(edgeOf(pieceOf(draft, 'collar'), 'centre-front').role).toBe('fold');
      }
  });

  test('on a placket it is longer by half of that, and lies on the fold behind', () => {
    const draft = draftOf('keyhole-shirt-bodice', { placket: inches(1.5) });
    const { a, b } = seamOf(draft, 'collar to neck');
    expect(lengthOf(draft, a) - lengthOf(draft, b)).toBeCloseTo(inches(0.75), 1);
    expect(edgeOf(pieceOf(draft, 'collar'), 'centre-back').role).toBe('fold');
  });

  test('its usual height goes with its manner: 1½ standing, 2½ falling. Common practice', () => {
    const height = (collar: string) => lengthOf(draftOf('plain-bodice', { collar }), whole(['collar/end']));
    expect(height('collar-stand')).toBeCloseTo(inches(1.5), 6);
    expect(height('collar-fall')).toBeCloseTo(inches(2.5), 6);
  });

  test.each(['v', 'square', 'sweetheart'])(
    'does not go on a neck that is %s: it has a corner',
    (neckline) => {
      const stop = draftOf('plain-bodice', { collar: 'collar-stand', neckline }).findings.find(
        ({ code }) => code === 'part-without-join',
      );
      expect(stop).toMatchObject({ severity: 'stop', where: { subject: 'neck' } });
    },
  );
});

describe('a fitted skirt', () => {
  test.each(['plain-bodice', 'bustier-bodice', 'tube-top', 'turtleneck-bodice'])(
    'on the %s: its waist is the bodice’s, its hip the body’s with ease, its first dart under the bodice’s; lined, the zip runs on',
    (id) => {
      const draft = draftOf(id, { skirt: 'skirt-fitted' });
      expectTrue(draft);
      for (const seam of ['waist front', 'waist back', 'lining waist front', 'lining waist back']) {
        const { a, b } = seamOf(draft, seam);
        expect(Math.abs(lengthOf(draft, a) - lengthOf(draft, b))).toBeLessThan(0.1);
      }
      expect(draft.rounds.find(({ level }) => level === 'hip')?.finished).toBeCloseTo((body.hip ?? 0) + inches(2), 1);
      const zip = draft.details.find(({ kind }) => kind === 'zip');
      expect(zip).toMatchObject({ edges: [expect.stringContaining('bodice-back'), 'skirt-back/centre-back'] });
      const [first] = seamOf(draft, 'waist front').a;
      const front = pieceOf(draft, 'skirt-front');
      const [leg = ''] = front.darts.find(({ id: dart }) => dart === 'waist-dart-1')?.legs ?? [];
      expect(endOf(edgeOf(front, leg).path).x).toBeCloseTo(lengthOf(draft, first ? [first] : []), 6);
    },
  ); // prettier-ignore

  test('by the table habit as well', () => {
    const input = draftInput(body, { skirt: 'skirt-fitted' });
    const rules = ruleSet({ 'school.block': 'table' });
    const draft = recipeOf({ id: 'bustier-bodice' }).draft({ ...input, rules });
    expectCuttable(draft);
    expect(draft.findings.map(({ code }) => code)).not.toContain('part-without-join');
  });
});

test('a dress of which only the bodice is wanted asks for no hip', () => {
  const { hip, ...values } = middleBody;
  expect(hip).toBeDefined();
  const draft = draftOf('fitted-dress', { skirt: 'none' }, values as typeof body);
  expect(draft.pieces.some(({ piece }) => piece.part === 'skirt')).toBe(false);
  expect(draft.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
});

test('of a part whose measures are still to be taken, what follows from nothing is known', () => {
  const { hip, ...values } = middleBody;
  const input = draftInput(values, { sleeve: 'sleeve-set-in', skirt: 'skirt-fitted', pegging: 12 });
  const chosen = recipeOf({ id: 'plain-bodice' }).chosen(input);
  expect(hip).toBeDefined();
  expect(chosen).toMatchObject({
    sleeve: 'sleeve-set-in',
    sleeveTo: 'wrist',
    capEase: inches(1),
    pegging: 12,
  });
  // How long it is goes by the body.
  expect(chosen['length']).toBeUndefined();
});
