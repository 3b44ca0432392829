import { describe, expect, test } from '@jest/globals';
import { curveLength } from '../../geometry/curve.ts';
import { countSelfCrossings } from '../../geometry/ring.ts';
import { edgeLength, edgeOf } from '../../pieces/piece.ts';
import { ruleSet, type RuleOverrides } from '../../rules/catalogue.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { missesBody, missesSizes } from '../../testing/misses-size-table.ts';
import { inches } from '../../units/length.ts';
import { resolveBody } from '../body.ts';
import { habitChestLine } from './habit-bodice.ts';
import { fittedDress } from '../../styles/fitted-dress.ts';
import { recipeOf } from '../../styles/recipe-book.ts';

const draft = (values = middleBody, rules: RuleOverrides = {}) =>
  recipeOf(fittedDress).draft({
    ...draftInput(values),
    rules: ruleSet({ 'school.block': 'table', ...rules }),
  });
const figure = (drafted: ReturnType<typeof draft>, id: string) =>
  drafted.figures.find((each) => each.id === id)?.stitch ?? NaN;

describe('the table habit', () => {
  test('has the same pieces, edges and seams as the solved block', () => {
    const solved = recipeOf(fittedDress).draft(draftInput(middleBody));
    expect(draft().pieces.map(({ piece }) => piece.id)).toEqual(solved.pieces.map(({ piece }) => piece.id));
    expect(
      draft()
        .seams.map(({ id }) => id)
        .filter((id) => !id.includes('dart')),
    ).toEqual(solved.seams.map(({ id }) => id).filter((id) => !id.includes('dart')));
  });

  // Common practice: quarters straight across, shoulder ÷ 2 out, downs straight from the start line.
  test('is quarters and straight downs', () => {
    const drafted = draft();
    const [bust = 0, waist = 0, hip = 0] = [middleBody.bust, middleBody.waist, middleBody.hip];
    expect(figure(drafted, 'bodice-front/underarm')).toBeCloseTo((bust + inches(2)) / 4, 6);
    expect(figure(drafted, 'bodice-front/waist')).toBeCloseTo((waist + inches(1.5)) / 4 + inches(1.25), 6);
    expect(figure(drafted, 'skirt-back/hip')).toBeCloseTo((hip + inches(2)) / 4, 6);
    expect(figure(drafted, 'bodice-front/bust-line')).toBeCloseTo(middleBody.shoulderToBust ?? 0, 6);
    expect(figure(drafted, 'bodice-front/waist-line')).toBeCloseTo(middleBody.frontWaistLength ?? 0, 6);
    expect(figure(drafted, 'bodice-back/waist-dart-1-intake')).toBeCloseTo(inches(1), 6);
  });

  test('the balance is a side dart as wide as front and back differ, its legs equal before the tip is drawn in', () => {
    const { piece } = draft().pieces[0]!;
    const sides = ['side-upper', 'side-lower'].reduce((sum, id) => sum + edgeLength(edgeOf(piece, id)), 0);
    const whole = curveLength(edgeOf(draft().pieces[1]!.piece, 'side').path);
    expect(Math.abs(sides - whole)).toBeLessThan(3.2);
    expect(
      Math.abs(edgeLength(edgeOf(piece, 'bust-dart-upper')) - edgeLength(edgeOf(piece, 'bust-dart-lower'))),
    ).toBeLessThan(3.2);
  });

  test('what it costs is found: straight sides lose bust ease, and the solved block is offered', () => {
    const { findings, rounds } = draft();
    const bust = rounds.find(({ level }) => level === 'bust');
    expect((bust?.wantedEase ?? 0) - (bust?.ease ?? 0)).toBeGreaterThan(inches(0.5));
    expect(findings.find(({ code }) => code === 'round-differs')?.remedy).toEqual({
      kind: 'set-rule',
      rule: 'school.block',
      value: 'solved',
    });
  });

  test.each(missesSizes)('size $size draws whole outlines', (size) => {
    for (const { stitch, outline } of draft(missesBody(size)).pieces)
      expect(countSelfCrossings(stitch) + countSelfCrossings(outline)).toBe(0);
  });

  // Common practice: half the armhole; bust ÷ 6 + 1½ to the nearest half; 8, 8½ or 9 by size.
  test('the chest line follows its own school', () => {
    const values = { ...middleBody, bust: inches(36), armhole: inches(16.5) };
    const { body } = resolveBody(
      { from: 'neckSide', observations: draftInput(values).person.observations, values },
      [],
      ruleSet(),
    );
    const by = (overrides: RuleOverrides) => habitChestLine(body, ruleSet(overrides)).mm / inches(1);
    expect(by({ 'school.chestLine': 'half-armhole' })).toBeCloseTo(8.25, 9);
    expect(by({ 'school.chestLine': 'bust-sixth' })).toBeCloseTo(7.5, 9);
    expect(by({ 'school.chestLine': 'fixed', 'chestLine.fixed': inches(9) })).toBeCloseTo(9, 9);
  });
});
