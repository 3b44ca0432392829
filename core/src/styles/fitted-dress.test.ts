import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { levelWidth } from '../pieces/level-width.ts';
import { endDirection, startDirection } from '../geometry/curve.ts';
import { angleBetween } from '../geometry/point.ts';
import { boxOf } from '../geometry/ring.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { edgeLength, edgeOf, roleLength } from '../pieces/piece.ts';
import { necklineShapes } from '../drafting/bodice/neckline.ts';
import { draftInput, middleBody, ordinaryBody } from '../testing/bodies.ts';
import { expectCuttable, expectTrue } from '../testing/expect-sound.ts';
import { missesBody, missesSizes } from '../testing/misses-size-table.ts';
import { inches } from '../units/length.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { fittedDress } from './fitted-dress.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { recipeOf } from './recipe-book.ts';

const draft = (values: MeasureValues = middleBody, choices: ChoiceValues = {}) =>
  recipeOf(fittedDress).draft(draftInput(values, choices));
const pieceOf = (pieces: readonly DraftedPiece[], id: string): DraftedPiece => {
  const found = pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

/** Interior angle in degrees where one edge ends and the loop runs on. */
function interiorAngle({ piece }: DraftedPiece, edge: string): number {
  const index = piece.edges.findIndex(({ id }) => id === edge);
  const [here, next] = [piece.edges[index], piece.edges[(index + 1) % piece.edges.length]];
  if (!here || !next) throw new Error(`no edge ${edge}`);
  return 180 - (180 / Math.PI) * angleBetween(endDirection(here.path), startDirection(next.path));
}

describe('fitted dress', () => {
  describe.each(Object.keys(necklineShapes))('with a %s neckline', (neckline) => {
    test.each([4, 12, 20])('size %i is true in every seam and round, shallow and deep', (size) => {
      for (const neckDepthFront of [inches(3), inches(6)])
        expectTrue(
          draft(missesBody(missesSizes.find((each) => each.size === size) ?? missesSizes[0]), {
            neckline,
            neckDepthFront,
          }),
        );
    });

    test('over a very full bust, on a long waist and on a child it is drawn sound', () => {
      for (const body of [
        ordinaryBody({ bust: 50, bustToWaist: 6, waistToHipRound: 8, height: 64, cup: 5 }),
        ordinaryBody({ bust: 34, bustToWaist: 9, waistToHipRound: 11, height: 72, cup: 1 }),
        ordinaryBody({ bust: 27, bustToWaist: 2, waistToHipRound: 4, height: 54, cup: 0.5 }),
      ])
        expectCuttable(draft(body, { neckline, neckDepthFront: inches(2.5) }));
    });
  });

  test('has every piece in every cloth, cut as the trade cuts them', () => {
    const { pieces } = draft();
    expect(pieces.map(({ piece: { id, cut } }) => `${id} ${cut.layers} ${cut.copies}`)).toEqual([
      'bodice-front fold 1',
      'bodice-back pair 2',
      'skirt-front fold 1',
      'skirt-back pair 2',
      'facing-front fold 1',
      'facing-back pair 2',
      'lining-bodice-front fold 1',
      'lining-bodice-back pair 2',
      'lining-skirt-front fold 1',
      'lining-skirt-back pair 2',
      'stay-facing-front fold 1',
      'stay-facing-back pair 2',
    ]);
    expect(boxOf(pieceOf(pieces, 'bodice-front').outline).minX).toBe(0);
    expect(boxOf(pieceOf(pieces, 'bodice-back').outline).minX).toBeCloseTo(-25.4, 3);
  });

  test('side, shoulder and waists are seams, and every dart has equal legs', () => {
    const ids = draft().seams.map(({ id }) => id);
    expect(ids).toEqual(
      expect.arrayContaining([
        'shoulder',
        'bodice side',
        'skirt side',
        'waist front',
        'waist back',
        'bodice-front bust-dart',
      ]),
    );
  });

  test.each(missesSizes)('size $size of the misses’ table drafts true, without a stop', (size) => {
    expectTrue(draft(missesBody(size)));
  });

  test('ordinary bodies of all builds draft true, without a stop', () => {
    const body = fc.record({
      bust: fc.double({ min: 31, max: 50, noNaN: true }),
      bustToWaist: fc.double({ min: 3, max: 11, noNaN: true }),
      waistToHipRound: fc.double({ min: 6, max: 13, noNaN: true }),
      height: fc.double({ min: 60, max: 72, noNaN: true }),
      cup: fc.double({ min: 1, max: 5, noNaN: true }),
    });
    fc.assert(
      fc.property(body, fc.double({ min: 0.5, max: 4, noNaN: true }), (shape, ease) => {
        expectTrue(
          draft(ordinaryBody(shape), {
            easeBust: inches(ease),
            easeWaist: inches(ease),
            easeHip: inches(ease),
          }),
        );
      }),
      { numRuns: 80, seed: 3 },
    );
  }, 120_000);

  test('edges run fair across the closed seams', () => {
    const { pieces } = draft();
    const [front, back] = [pieceOf(pieces, 'bodice-front'), pieceOf(pieces, 'bodice-back')];
    // A fair join makes 180° across the seam; 8° is what a hand does not see.
    expect(Math.abs(interiorAngle(front, 'neck') + interiorAngle(back, 'neck') - 180)).toBeLessThan(8);
    expect(Math.abs(interiorAngle(front, 'shoulder') + interiorAngle(back, 'shoulder') - 180)).toBeLessThan(
      8,
    );
    expect(Math.abs(interiorAngle(front, 'armhole') + interiorAngle(back, 'armhole') - 180)).toBeLessThan(8);
    expect(Math.abs(interiorAngle(front, 'side-lower') + interiorAngle(back, 'side') - 180)).toBeLessThan(8);
    const [skirtFront, skirtBack] = [pieceOf(pieces, 'skirt-front'), pieceOf(pieces, 'skirt-back')];
    expect(Math.abs(interiorAngle(skirtFront, 'side') + interiorAngle(skirtBack, 'side') - 180)).toBeLessThan(
      8,
    );
  });

  test('side notches meet when the seam is sewn, on every size', () => {
    for (const size of missesSizes) {
      const fromWaist = ['bodice-front', 'bodice-back'].map((id) => {
        const { piece } = pieceOf(draft(missesBody(size)).pieces, id);
        const notch = piece.notches.find(({ edge }) => edge.startsWith('side'));
        return edgeLength(edgeOf(piece, notch?.edge ?? '')) - (notch?.at ?? NaN);
      });
      expect(fromWaist[0]).toBeCloseTo(fromWaist[1] ?? NaN, 1);
    }
  });

  test('folds are met squarely', () => {
    const { pieces } = draft();
    const front = pieceOf(pieces, 'bodice-front');
    expect(interiorAngle(front, 'centre-front')).toBeCloseTo(90, 0);
    expect(Math.abs(interiorAngle(front, 'waist-1') - 90)).toBeLessThan(3);
  });

  test('choices do what they say', () => {
    const plain = draft();
    const deeper = draft(middleBody, { neckDepthFront: inches(5) });
    const neckDepth = (drafted: typeof plain) =>
      drafted.figures.find(({ id }) => id === 'bodice-front/neck-depth')?.stitch;
    expect(neckDepth(deeper)).toBeCloseTo(inches(5), 6);
    expect(neckDepth(plain)).toBeCloseTo(inches(3.5), 6);
    const hemOf = (pegging: number) =>
      roleLength(pieceOf(draft(middleBody, { pegging: inches(pegging) }).pieces, 'skirt-front').piece, 'hem');
    expect(hemOf(0) - hemOf(1)).toBeCloseTo(inches(1), -1);
    const lengthOf = (length: number) =>
      boxOf(pieceOf(draft(middleBody, { length: inches(length) }).pieces, 'skirt-front').stitch).maxY;
    expect(lengthOf(44) - lengthOf(40)).toBeCloseTo(inches(4), 0);
  });

  test('a deep neck, a skirt above the hip and a hem below a stride are pointed out', () => {
    const codes = draft(middleBody, { neckDepthFront: inches(9), length: inches(24) }).findings.map(
      ({ code }) => code,
    );
    expect(codes).toEqual(expect.arrayContaining(['length-above-hip']));
    const tight = draft(middleBody, { slit: 0 }).findings.find(({ code }) => code === 'hem-below-stride');
    expect(tight?.remedy).toMatchObject({ kind: 'set-choice', choice: 'slit' });
    const opened = tight?.remedy?.kind === 'set-choice' ? (tight.remedy.mm ?? 0) : 0;
    expect(draft(middleBody, { slit: opened }).findings.map(({ code }) => code)).not.toContain(
      'hem-below-stride',
    );
    const lowBust = { ...middleBody, shoulderToBust: inches(9.5) };
    expect(draft(lowBust, { neckDepthFront: inches(9) }).findings.map(({ code }) => code)).toContain(
      'neck-deep',
    );
  });

  test('a measure that was not taken is worked out, with a note that names it', () => {
    const rest = Object.fromEntries(
      Object.entries(middleBody).filter(([id]) => id !== 'armhole' && id !== 'highBust'),
    );
    const notes = draft(rest).findings.filter(({ code }) => code === 'measure-derived');
    expect(notes.map(({ where }) => where.measure).sort()).toEqual(['armhole', 'highBust']);
  });

  test('every working comes to its figure, and every figure is measured where the piece really lies', () => {
    const { figures, pieces } = draft();
    for (const { id, mm, working } of figures)
      expect([id, Math.abs(working.mm - mm) < 0.11]).toEqual([id, true]);
    expect(new Set(figures.map(({ id }) => id)).size).toBe(figures.length);
    const back = pieceOf(pieces, 'bodice-back');
    const bust = back.piece.levels.find(({ name }) => name === 'bust');
    const figure = figures.find(({ id }) => id === 'bodice-back/bust');
    expect(figure?.stitch).toBeCloseTo(bust?.path.at(-1)?.x ?? NaN, 6);
    expect((figure?.mm ?? 0) - (figure?.stitch ?? 0)).toBeGreaterThan(24);
  });

  test('a back dart that a house ends above the bust line is given back there', () => {
    const rules = ruleSet({ 'dart.backAboveBust': inches(1) });
    const { pieces } = recipeOf(fittedDress).draft({ ...draftInput(middleBody), rules });
    const back = pieceOf(pieces, 'bodice-back');
    const bust = back.piece.levels.find(({ name }) => name === 'bust');
    const across = bust?.path.at(-1)?.x ?? 0;
    expect(across - levelWidth(back.stitch, bust?.path ?? [])).toBeGreaterThan(1);
  });

  test('a broken set is stopped by name, not thrown on', () => {
    const contradictory = { ...middleBody, backWaistLength: inches(11), frontWaistLength: inches(22) };
    const stops = draft(contradictory).findings.filter(({ severity }) => severity === 'stop');
    for (const { where } of stops) expect(where.measure ?? where.choice ?? where.piece).toBeDefined();
    expect(draft({ ...middleBody, waist: inches(45) }).pieces).toHaveLength(12);
  });
});
