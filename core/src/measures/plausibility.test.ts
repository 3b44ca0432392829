import { describe, expect, test } from '@jest/globals';
import { middleBody, ordinaryBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { checkMeasures } from './plausibility.ts';
import type { MeasureValues } from './measure-set.ts';

const codesAt = (values: MeasureValues, kind: 'adult' | 'child' = 'adult') =>
  checkMeasures(values, kind).map(({ code, where }) => `${code} ${where.measure}`);

// Ranges and gaps are common practice; no published source.
describe('checkMeasures', () => {
  test('an ordinary body passes without a word', () => {
    expect(checkMeasures(middleBody, 'adult')).toEqual([]);
    expect(
      checkMeasures(
        ordinaryBody({ bust: 44, bustToWaist: 6, waistToHipRound: 9, height: 64, cup: 3 }),
        'adult',
      ),
    ).toEqual([]);
  });

  test.each([
    ['a bust ten times too large', { bust: inches(375) }, 'measure-out-of-range bust'],
    ['centimetres typed as inches', { waist: inches(96) }, 'measure-out-of-range waist'],
    ['under bust over the bust', { underBust: inches(37) }, 'measures-disagree bust'],
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
    ['a hip line out of reach', { waistToHip: inches(13) }, 'measure-out-of-range waistToHip'],
    [
      'an elbow wider than the upper arm',
      { upperArm: inches(10), elbow: inches(11) },
      'measures-disagree upperArm',
    ],
    [
      'an inseam as long as the outseam',
      { waistToFloor: inches(41), inseam: inches(40) },
      'measures-disagree waistToFloor',
    ],
  ])('%s is pointed out, with measuring again as the remedy', (_, change, expected) => {
    const findings = checkMeasures({ ...middleBody, ...change }, 'adult');
    expect(findings.map(({ code, where }) => `${code} ${where.measure}`)).toContain(expected);
    expect(
      findings.every(({ severity, remedy }) => severity === 'care' && remedy?.kind === 'measure-again'),
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
      );
    expect(set(42)).toEqual([]);
    expect(set(27)).toMatchObject([{ where: { measure: 'offShoulderRound' } }]);
  });
});
