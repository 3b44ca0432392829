import { describe, expect, test } from '@jest/globals';
import { curveLength, endOf, startOf } from '../../../geometry/curve.ts';
import { distance, type Point } from '../../../geometry/point.ts';
import { countSelfCrossings } from '../../../geometry/ring.ts';
import { edgeLength, edgeOf, roleLength, stitchRing, type Piece } from '../../../pieces/piece.ts';
import { ruleSet } from '../../../rules/catalogue.ts';
import type { ChoiceValues } from '../../../garment/choice.ts';
import { draftInput, middleBody } from '../../../testing/bodies.ts';
import { inches } from '../../../units/length.ts';
import { closeWedge } from '../darts/close-wedge.ts';
import { lowerArmhole } from './lower-armhole.ts';
import { plainLength } from '../../../testing/plain-length.ts';
import { plainBodice } from '../../../styles/plain-bodice.ts';
import { bustierBodice } from '../../../styles/bustier-bodice.ts';
import { recipeOf } from '../../../styles/recipe-book.ts';

const pieceOf = (id: string, choices: ChoiceValues = {}, recipe = recipeOf(plainBodice)): Piece => {
  const found = recipe.draft(draftInput(middleBody, choices)).pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};
const front = pieceOf('bodice-front');
const legs = (piece: Piece): [number, number] => {
  const [dart] = piece.darts.filter(({ id }) => id === 'bust-dart');
  if (!dart) throw new Error('no bust dart');
  return [edgeLength(edgeOf(piece, dart.legs[0])), edgeLength(edgeOf(piece, dart.legs[1]))];
};
const mouth = (piece: Piece): number => {
  const [from, to]: [Point, Point] = [
    startOf(edgeOf(piece, 'bust-dart-upper').path),
    endOf(edgeOf(piece, 'bust-dart-lower').path),
  ];
  return distance(from, to);
};
const wedge = (mm: number) =>
  closeWedge(front, {
    edge: 'armhole',
    at: 0.5,
    by: plainLength(mm),
    dart: 'bust-dart',
    operation: 'armhole wedge',
    level: 'armhole',
  });

describe('a wedge closed into a dart', () => {
  test('takes what it is given out of its edge, opens the dart, and leaves every other edge as long', () => {
    const closed = wedge(inches(0.5));
    const shorter = roleLength(front, 'armhole') - roleLength(closed, 'armhole');
    expect(shorter).toBeCloseTo(inches(0.5), 2);
    expect(mouth(closed)).toBeGreaterThan(mouth(front) + 3);
    for (const edge of front.edges.filter(({ role }) => role !== 'armhole'))
      expect([edge.id, Math.abs(edgeLength(edgeOf(closed, edge.id)) - edgeLength(edge)) < 1e-6]).toEqual([
        edge.id,
        true,
      ]);
    const [upper, lower] = legs(closed);
    expect(upper).toBeCloseTo(lower, 6);
    expect(countSelfCrossings(stitchRing(closed))).toBe(0);
  });

  test('of nothing changes nothing, and one that has no dart to open says so', () => {
    expect(wedge(0)).toBe(front);
    expect(() =>
      closeWedge(front, {
        edge: 'armhole',
        at: 0.5,
        by: plainLength(10),
        dart: 'no-dart',
        operation: 'armhole wedge',
        level: 'armhole',
      }),
    ).toThrow('no dart no-dart');
  });
});

describe('an armhole ended lower', () => {
  test('takes the same of the side’s top in front and behind, and stays as it was above its pitch', () => {
    const back = pieceOf('bodice-back');
    for (const piece of [front, back]) {
      const lowered = lowerArmhole(piece, plainLength(inches(0.75)));
      expect(roleLength(piece, 'side') - roleLength(lowered, 'side')).toBeCloseTo(inches(0.75), 3);
      const [now, before] = [lowered, piece].map((each) => edgeOf(each, 'armhole').path);
      expect(now?.[0]).toEqual(before?.[0]);
      expect(curveLength(now ?? [])).toBeGreaterThan(curveLength(before ?? []));
    }
  });
});

describe('armholes as they are chosen', () => {
  const choices = { armholeLower: inches(0.75), armholeTight: inches(0.5) };

  test.each(['solved', 'table'] as const)(
    'by the %s block every seam is true, and the rounds are as before',
    (school) => {
      for (const recipe of [recipeOf(plainBodice), recipeOf(bustierBodice)]) {
        const rules = ruleSet({ 'school.block': school });
        const draft = (own: ChoiceValues) => recipe.draft({ ...draftInput(middleBody, own), rules });
        const [chosen, plain] = [draft(choices), draft({})];
        expect(chosen.seams.filter(({ ok }) => !ok).map(({ id }) => id)).toEqual(
          plain.seams.filter(({ ok }) => !ok).map(({ id }) => id),
        );
        for (const { level, ease } of chosen.rounds)
          // By the hand rule nothing is measured and given back.
          expect(
            Math.abs(ease - (plain.rounds.find((each) => each.level === level)?.ease ?? NaN)),
          ).toBeLessThan(school === 'table' ? 1.5 : 0.5);
      }
    },
  );

  test('the armhole of a bustier is shorter by the wedge when it is tightened', () => {
    const around = (own: ChoiceValues) =>
      ['centre', 'side'].reduce(
        (sum, part) =>
          sum + roleLength(pieceOf(`bodice-front-${part}`, own, recipeOf(bustierBodice)), 'armhole'),
        0,
      );
    expect(Math.abs(around({}) - around({ armholeTight: inches(0.5) }) - inches(0.5))).toBeLessThan(2);
  });

  test('a wedge that has no bust dart to go into is pointed out, and the remedy takes it back', () => {
    // As long in front as behind: nothing is left for a bust dart.
    const flat = { ...middleBody, frontWaistLength: inches(16), backWaistLength: inches(16.5) };
    const findings = (own: ChoiceValues) =>
      recipeOf(plainBodice)
        .draft(draftInput(flat, own))
        .findings.filter(({ code }) => code === 'armhole-not-tightened');
    expect(findings({ darts: 'side', armholeTight: inches(0.5) })).toMatchObject([
      { severity: 'care', remedy: { kind: 'set-choice', choice: 'armholeTight', mm: 0 } },
    ]);
    expect(findings({ darts: 'side' })).toEqual([]);
    expect(
      recipeOf(plainBodice)
        .draft(draftInput(middleBody, { armholeTight: inches(0.5) }))
        .findings.filter(({ code }) => code === 'armhole-not-tightened'),
    ).toEqual([]);
  });
});
