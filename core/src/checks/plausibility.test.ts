import { describe, expect, test } from '@jest/globals';
import { middleBody, ordinaryBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { checkMeasures, usualRange } from './plausibility.ts';
import type { MeasureValues } from '../measures/measure-set.ts';

const codesAt = (values: MeasureValues, kind: 'adult' | 'child' = 'adult') =>
  checkMeasures(values, kind, ruleSet()).map(({ code, where }) => `${code} ${where.measure}`);

// Ranges and gaps are common practice; no published source.
describe('checkMeasures', () => {
  test('an ordinary body passes without a word', () => {
    expect(checkMeasures(middleBody, 'adult', ruleSet())).toEqual([]);
    expect(
      checkMeasures(
        ordinaryBody({ bust: 44, bustToWaist: 6, waistToHipRound: 9, height: 64, cup: 3 }),
        'adult',
        ruleSet(),
      ),
    ).toEqual([]);
  });

  test.each([
    ['a bust ten times too large', { bust: inches(375) }, 'measure-slip bust'],
    ['centimetres typed as inches', { waist: inches(96) }, 'measure-slip waist'],
    ['under bust over the bust', { underBust: inches(37) }, 'measures-disagree underBust'],
    [
      'under bust too near the bust point',
      { shoulderToUnderBust: inches(11) },
      'measures-disagree shoulderToUnderBust',
    ],
    [
      'a half length far from a quarter of the height',
      { frontWaistLength: inches(19) },
      'measures-disagree frontWaistLength',
    ],
    ['a back longer than the front', { backWaistLength: inches(18.5) }, 'measures-disagree frontWaistLength'],
    ['a hip line out of reach', { waistToHip: inches(13) }, 'measures-disagree waistToHip'],
    [
      'an elbow wider than the upper arm',
      { upperArm: inches(10), elbow: inches(11) },
      'measures-disagree upperArm',
    ],
    [
      'an inseam as long as the outseam',
      { waistToFloor: inches(41), inseam: inches(40) },
      'measures-disagree inseam',
    ],
  ])('%s is pointed out, with measuring again as the remedy', (_, change, expected) => {
    const findings = checkMeasures({ ...middleBody, ...change }, 'adult', ruleSet());
    expect(findings.map(({ code, where }) => `${code} ${where.measure}`)).toContain(expected);
    expect(
      findings.every(
        ({ severity, remedy }) =>
          severity === 'care' &&
          ['measure-again', 'swap-measures', 'set-measure'].includes(remedy?.kind ?? ''),
      ),
    ).toBe(true);
  });

  test('children are not held to bust rules', () => {
    expect(
      codesAt({ bust: inches(24), underBust: inches(24), waist: inches(23), hip: inches(26) }, 'child'),
    ).toEqual([]);
  });

  test('a crotch depth that was entered is the outseam less the inseam, within half an inch', () => {
    const set = (crotchDepth: number) =>
      checkMeasures(
        { waistToFloor: inches(41), inseam: inches(30.5), crotchDepth: inches(crotchDepth) },
        'child',
        ruleSet(),
      );
    expect(set(10.5)).toEqual([]);
    expect(set(11)).toEqual([]);
    expect(set(11.25)).toMatchObject([{ code: 'measures-disagree', where: { measure: 'crotchDepth' } }]);
    expect(set(9.75)).toHaveLength(1);
  });

  test('the off-shoulder round is more than chest and back together: it goes around the arms too', () => {
    const set = (offShoulderRound: number) =>
      checkMeasures(
        { acrossChest: inches(13), acrossBack: inches(14), offShoulderRound: inches(offShoulderRound) },
        'adult',
        ruleSet(),
      );
    expect(set(42)).toEqual([]);
    expect(set(27)).toMatchObject([{ where: { measure: 'offShoulderRound' } }]);
  });

  test('two lengths in each other’s place are offered to be swapped', () => {
    const swapped = { ...middleBody, frontWaistLength: inches(15), backWaistLength: inches(17) };
    expect(checkMeasures(swapped, 'adult', ruleSet())).toContainEqual(
      expect.objectContaining({
        remedy: { kind: 'swap-measures', measure: 'frontWaistLength', with: 'backWaistLength' },
      }),
    );
    // Ten inches apart is no swap: the other way round it would be as odd.
    const far = checkMeasures({ bust: inches(30), underBust: inches(41) }, 'adult', ruleSet());
    expect(far.some(({ remedy }) => remedy?.kind === 'swap-measures')).toBe(false);
    expect(far[0]?.where.measure).toBe('underBust');
  });

  test.each([
    ['cm-as-inches', inches(96), inches(96) / 2.54],
    ['ten-times', inches(375), inches(37.5)],
    ['inches-as-cm', 285, 285 * 2.54],
    ['tenth', inches(3.6), inches(36)],
  ])('a bust out of all range that reads as %s is offered as it was meant', (slip, mm, meant) => {
    expect(checkMeasures({ bust: mm }, 'adult', ruleSet())).toEqual([
      expect.objectContaining({
        code: 'measure-slip',
        where: { measure: 'bust', subject: slip },
        remedy: { kind: 'set-measure', measure: 'bust', mm: expect.closeTo(meant, 6) as unknown },
      }),
    ]);
  });

  test('what no slip explains is measured again', () => {
    expect(checkMeasures({ height: inches(80) }, 'adult', ruleSet())).toMatchObject([
      { code: 'measure-out-of-range', expected: inches(78), remedy: { kind: 'measure-again' } },
    ]);
  });

  test('a measure that was taken is pointed out when it lies far from what it would be worked out as', () => {
    const set = (acrossChest: number) =>
      checkMeasures({ shoulder: inches(15), acrossChest: inches(acrossChest) }, 'adult', ruleSet());
    expect(set(14)).toEqual([]);
    expect(set(10.25)).toMatchObject([
      { code: 'measures-disagree', where: { measure: 'acrossChest', subject: 'shoulder' } },
    ]);
    // Within what anatomy bounds, the house's own tolerance holds.
    const close = ruleSet({ 'check.derived': inches(0.5) });
    expect(checkMeasures({ shoulder: inches(15), acrossChest: inches(12) }, 'adult', close)).toMatchObject([
      { where: { measure: 'acrossChest', subject: 'worked-out' }, expected: inches(13) },
    ]);
  });

  // Each tolerance is a rule: set narrower or wider, the finding comes or goes.
  test.each([
    ['check.roundLeast', { waist: inches(20) }, inches(22)],
    ['check.roundMost', { waist: inches(70) }, inches(60)],
    ['check.cupLeast', { bust: inches(36), underBust: inches(34) }, inches(3)],
    ['check.cupMost', { bust: inches(36), underBust: inches(28) }, inches(7)],
    ['check.bustOverHighBust', { bust: inches(36), highBust: inches(31) }, inches(4)],
    ['check.underBustLeast', { shoulderToBust: inches(10), shoulderToUnderBust: inches(13) }, inches(3.25)],
    ['check.underBustMost', { shoulderToBust: inches(10), shoulderToUnderBust: inches(13.5) }, inches(3.25)],
    ['check.waistLeast', { shoulderToUnderBust: inches(13), frontWaistLength: inches(16) }, inches(3.5)],
    ['check.waistMost', { shoulderToUnderBust: inches(13), frontWaistLength: inches(16) }, inches(2.5)],
    ['check.frontOverBack', { frontWaistLength: inches(17), backWaistLength: inches(15) }, inches(1)],
    ['check.halfLength', { height: inches(66), frontWaistLength: inches(17.5) }, inches(0.5)],
    ['check.hipDepthLeast', { waistToHip: inches(8) }, inches(9)],
    ['check.hipDepthMost', { waistToHip: inches(9) }, inches(8)],
    ['check.crotchLeast', { waistToFloor: inches(41), inseam: inches(31) }, inches(11)],
    ['check.crotchMost', { waistToFloor: inches(41), inseam: inches(30) }, inches(10.5)],
    ['check.crotch', { waistToFloor: inches(41), inseam: inches(30.5), crotchDepth: inches(10.75) }, 1],
    ['check.derived', { shoulder: inches(15), acrossChest: inches(12) }, inches(0.5)],
  ] as const)('%s decides', (rule, values, narrower) => {
    expect(checkMeasures(values, 'adult', ruleSet())).toEqual([]);
    expect(checkMeasures(values, 'adult', ruleSet({ [rule]: narrower }))).toHaveLength(1);
  });

  test('the usual range is the house’s for rounds and hip depth, else the catalogue’s', () => {
    expect(usualRange('bust', ruleSet())).toEqual([inches(14), inches(80)]);
    expect(usualRange('waistToHip', ruleSet({ 'check.hipDepthMost': inches(10) }))).toEqual([
      inches(7),
      inches(10),
    ]);
    expect(usualRange('head', ruleSet())).toEqual([inches(18), inches(26)]);
  });
});
