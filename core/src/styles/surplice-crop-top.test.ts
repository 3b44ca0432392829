import { describe, expect, test } from '@jest/globals';
import { endDirection, placeAtLength, startDirection } from '../geometry/curve.ts';
import { after as edgeAfter, before as edgeBefore } from '../geometry/loop.ts';
import { dot } from '../geometry/point.ts';
import { edgeLength, edgeOf, roleLength } from '../pieces/piece.ts';
import { draftInput, middleBody, ordinaryBody } from '../testing/bodies.ts';
import { expectCuttable } from '../testing/expect-sound.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { surpliceCropTop } from './surplice-crop-top.ts';
import { recipeOf } from './recipe-book.ts';

const draft = (choices: ChoiceValues = {}) =>
  recipeOf(surpliceCropTop).draft(draftInput(middleBody, choices));
const pieceOf = (id: string, choices: ChoiceValues = {}) => {
  const found = draft(choices).pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};

describe('the surplice crop top', () => {
  expectStyleSound(surpliceCropTop, [{}, { overlap: inches(2), shorter: inches(1), sleeveRatio: '2' }]);

  test('both centre notches lie on the centre line, so that they coincide when the mirrored fronts cross', () => {
    const front = pieceOf('bodice-front');
    expect(front.cut).toEqual({ copies: 2, layers: 'pair' });
    for (const edge of ['neck', 'hem-1']) {
      const xs = front.notches
        .filter((notch) => notch.edge === edge)
        .map(({ at }) => placeAtLength(edgeOf(front, edge).path, at).point.x);
      expect(xs.some((x) => Math.abs(x) < 0.01)).toBe(true);
    }
  });

  test('the hem runs on straight across every dart that closes and every side that is sewn', () => {
    for (const shape of [
      { bust: 36, bustToWaist: 8, waistToHipRound: 10, height: 66, cup: 2 },
      { bust: 40, bustToWaist: 13, waistToHipRound: 13, height: 64, cup: 4 },
    ]) {
      const { pieces } = recipeOf(surpliceCropTop).draft(draftInput(ordinaryBody(shape)));
      for (const { piece } of pieces.filter(({ piece: { id } }) => /^bodice-(front|back)$/.test(id)))
        for (const hem of piece.edges.filter(({ role }) => role === 'hem')) {
          const [before, next] = [edgeBefore(piece.edges, hem), edgeAfter(piece.edges, hem)];
          expect(dot(endDirection(before.path), startDirection(hem.path))).toBeCloseTo(0, 6);
          expect(dot(endDirection(hem.path), startDirection(next.path))).toBeCloseTo(0, 6);
        }
    }
  });

  test('the round at the hem lies between under bust and waist, by where it ends', () => {
    const hemOf = (shorter: number) =>
      draft({ shorter }).rounds.find(({ level }) => level === 'hem')?.body ?? 0;
    expect(hemOf(inches(0.5))).toBeGreaterThan(inches(28));
    expect(hemOf(inches(2))).toBeGreaterThan(hemOf(inches(0.5)));
    expect(hemOf(inches(2))).toBeLessThan(inches(31.5));
  });

  test('the belt is pieced from what the cloth gives, joined to the hem over a part; the sleeve is gathered', () => {
    const belt = pieceOf('belt', { beltTimes: '3' });
    expect(belt.cut.copies).toBe(2);
    expect(belt.cut.copies * roleLength({ ...belt, edges: [edgeOf(belt, 'band')] }, 'band')).toBeCloseTo(
      inches(84),
      6,
    );
    const { seams } = draft();
    const onBelt = seams.find(({ id }) => id === 'hem to belt');
    expect(onBelt).toMatchObject({ ok: true, relation: { kind: 'equal' } });
    // As much of the belt lies before the hem as behind it.
    expect(onBelt?.b).toHaveLength(pieceOf('belt').cut.copies);
    const length = edgeLength(edgeOf(pieceOf('belt'), 'band'));
    expect(onBelt?.b[0]?.from).toBeCloseTo(length - (onBelt?.b.at(-1)?.to ?? 0), 6);
    expect(onBelt?.a.every(({ times }) => times === 2)).toBe(true);
    expect(seams.find(({ id }) => id === 'sleeve to armhole')).toMatchObject({
      ok: true,
      a: [{ edge: 'sleeve/cap', times: 2 }],
      relation: { kind: 'gather', ratio: 1.5 },
    });
  });

  test('cut so short that the hem would meet the darts it is drawn lower and says so; a back open to the hem is a stop', () => {
    const short = draft({ shorter: inches(5) });
    expectCuttable(short);
    const low = draft({ shorter: inches(3), neckDepthBack: inches(14) });
    expect(low.findings.find(({ code }) => code === 'back-open-below-hem')).toMatchObject({
      severity: 'stop',
    });
  });
});
