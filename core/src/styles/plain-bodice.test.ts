import { describe, expect, test } from '@jest/globals';
import type { Draft } from '../drafting/draft.ts';
import { findingWords } from '../words/finding-words.ts';
import { necklineShapes } from '../drafting/bodice/neckline.ts';
import { roleLength } from '../pieces/piece.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectCuttable, expectTrue } from '../testing/expect-sound.ts';
import { missesBody, missesSizes } from '../testing/misses-size-table.ts';
import { extremeRanges, ordinaryRanges, randomBodies } from '../testing/random-bodies.ts';
import { inches } from '../units/length.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { plainBodice } from './plain-bodice.ts';
import { recipeOf } from './recipe-book.ts';

const draft = (values: MeasureValues = middleBody, choices: ChoiceValues = {}) =>
  recipeOf(plainBodice).draft(draftInput(values, choices));
const withoutDarts = { darts: 'side', easeWaist: inches(5) };

describe('the plain bodice', () => {
  test('has every piece in every cloth, and no skirt', () => {
    expect(draft().pieces.map(({ piece: { id, role, cut } }) => `${id} ${role} ${cut.layers}`)).toEqual([
      'bodice-front outer fold',
      'bodice-back outer pair',
      'facing-front outer fold',
      'facing-back outer pair',
      'lining-bodice-front lining fold',
      'lining-bodice-back lining pair',
      'stay-facing-front stay fold',
      'stay-facing-back stay pair',
    ]);
  });

  // ASTM D5585-95 bust, waist and hip, from memory; the rest derived: see the table.
  test.each(missesSizes)('size $size drafts true, with darts and without', (size) => {
    expectTrue(draft(missesBody(size)));
    expectTrue(draft(missesBody(size), withoutDarts));
  });

  test.each(Object.keys(necklineShapes))('a %s neckline is true in both ways', (neckline) => {
    expectTrue(draft(middleBody, { neckline }));
    expectTrue(draft(middleBody, { ...withoutDarts, neckline }));
  });

  test('without darts there are none, and front and back side still meet', () => {
    const { pieces, seams } = draft(middleBody, withoutDarts);
    expect(pieces.flatMap(({ piece }) => piece.darts)).toEqual([]);
    expect(seams.find(({ id }) => id === 'bodice side')?.ok).toBe(true);
    expect(draft().pieces.flatMap(({ piece }) => piece.darts).length).toBeGreaterThan(2);
  });

  test('by the table habit without darts the sides meet too', () => {
    const input = draftInput(middleBody, withoutDarts);
    const { pieces, seams } = recipeOf(plainBodice).draft({
      ...input,
      rules: ruleSet({ 'school.block': 'table' }),
    });
    expect(pieces.flatMap(({ piece }) => piece.darts)).toEqual([]);
    for (const { id, ok } of seams.filter(({ id: each }) => each.endsWith('side')))
      expect([id, ok]).toEqual([id, true]);
  });

  test('every working comes to its figure', () => {
    for (const choices of [{}, withoutDarts])
      for (const { id, mm, working } of draft(middleBody, choices).figures)
        expect([id, Math.abs(working.mm - mm) < 0.2]).toEqual([id, true]);
  });

  test('twice front and back waist are the finished round', () => {
    const { pieces, rounds } = draft();
    const half = pieces
      .filter(({ piece }) => piece.role === 'outer' && piece.id.startsWith('bodice'))
      .reduce((sum, { piece }) => sum + roleLength(piece, 'waist'), 0);
    expect(rounds.find(({ level }) => level === 'waist')?.finished).toBeCloseTo(2 * half, 6);
  });

  test('without a dart the front is cut to the back, and says by how much it rides up', () => {
    const findings = (own: MeasureValues) => draft(own, withoutDarts).findings;
    const full = { ...middleBody, frontWaistLength: inches(18), backWaistLength: inches(16) };
    const found = findings(full).find(({ code }) => code === 'front-rides-up');
    expect(found).toMatchObject({ severity: 'care', remedy: { kind: 'set-option', choice: 'darts' } });
    expect(found && findingWords(found, 'in').message).toMatch(/cut .+ shorter/);
    expect(draft(full).findings.some(({ code }) => code === 'front-rides-up')).toBe(false);
  });

  describe('below the waist', () => {
    const long = { below: 'hem', length: inches(5) };

    // ASTM D5585-95, from memory; the rest derived: see the table.
    test.each(missesSizes)('size $size drafts true, shaped by contour darts or by the side alone', (size) => {
      expectTrue(draft(missesBody(size), long));
      expectTrue(draft(missesBody(size), { ...long, ...withoutDarts }));
    });

    test('waist darts go on to a second tip above the hem; front and back sides are of one length', () => {
      const { pieces, seams, rounds } = draft(middleBody, long);
      const of = (id: string) => {
        const found = pieces.find(({ piece }) => piece.id === id)?.piece;
        if (!found) throw new Error(`no ${id}`);
        return found;
      };
      for (const id of ['bodice-front', 'bodice-back', 'lining-bodice-front', 'lining-bodice-back']) {
        const hem = Math.max(...of(id).edges.flatMap(({ path }) => path.map(({ b }) => b.y)));
        expect(of(id).contours?.length).toBeGreaterThan(0);
        for (const { bottom } of of(id).contours ?? []) expect(hem - bottom.y).toBeGreaterThan(inches(0.3));
        expect(roleLength(of(id), 'waist')).toBe(0);
      }
      expect(seams.filter(({ ok }) => !ok)).toEqual([]);
      expect(rounds.map(({ level }) => level)).toEqual(['bust', 'waist', 'hem']);
    });

    test('every working comes to its figure', () => {
      for (const { id, mm, working } of draft(middleBody, long).figures)
        expect([id, Math.abs(working.mm - mm) < 0.2]).toEqual([id, true]);
    });

    test('without a hip it is drawn to the waist, and a stop asks for the hip', () => {
      const noHip = Object.fromEntries(Object.entries(middleBody).filter(([id]) => id !== 'hip'));
      const { findings, pieces } = draft(noHip, long);
      expect(findings.find(({ code }) => code === 'hem-needs-hip')).toMatchObject({
        severity: 'stop',
        remedy: { kind: 'measure-again', measure: 'hip' },
      });
      expect(pieces[0]?.piece.contours ?? []).toEqual([]);
    });
  });

  const ofBodies = (ranges: typeof ordinaryRanges, count: number, choices: ChoiceValues) => {
    const bodies = randomBodies(ranges, 5);
    return Array.from({ length: count }, () => draft(bodies.next().value.values, choices));
  };
  const stopsOf = ({ findings }: Draft) => findings.filter(({ severity }) => severity === 'stop');

  test('ordinary bodies get no stop, with darts or without', () => {
    for (const each of ofBodies(ordinaryRanges, 25, {})) expectTrue(each);
    for (const each of ofBodies(ordinaryRanges, 25, withoutDarts)) expectCuttable(each);
  });

  // A dartless bodice is not for a very full bust over a short waist: there it may stop, and say that darts are wanted.
  test.each([
    ['with darts', {}, 0.02],
    ['without darts', withoutDarts, 0.1],
  ])(
    'of extreme bodies few get a stop %s, each naming what to change; the rest can be cut',
    (_, choices, part) => {
      const extreme = ofBodies(extremeRanges, 120, choices);
      const stopped = extreme.filter((each) => stopsOf(each).length > 0);
      expect(stopped.length / extreme.length).toBeLessThan(part);
      for (const stop of stopped.flatMap(stopsOf)) expect(findingWords(stop, 'in').remedy).not.toBe('');
      for (const each of extreme.filter((one) => !stopped.includes(one))) expectCuttable(each);
    },
  );
});
