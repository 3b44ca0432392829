import { describe, expect, test } from '@jest/globals';
import {
  curveLength,
  endDirection,
  endOf,
  sampleCurve,
  startDirection,
  startOf,
} from '../../geometry/curve.ts';
import { dot, point, unitVector } from '../../geometry/point.ts';
import { usualObservations, type MeasureValues } from '../../measures/measure-set.ts';
import { ruleSet } from '../../rules/catalogue.ts';
import { middleBody, ordinaryBody } from '../../testing/bodies.ts';
import { inches } from '../../units/length.ts';
import { allowancesFrom } from '../../pieces/allowances.ts';
import { resolveBody, type Body, type Person } from '../body.ts';
import { roleLength } from '../../pieces/piece.ts';
import { armholeCurve, backArmhole, frontArmhole } from './armhole.ts';
import { draftBodice } from './bodice.ts';
import { bodiceFrame, bodyScale, type BodiceChoices } from './frame.ts';
import { neckline, necklineShapes, type NecklineShape } from './neckline.ts';
import { sideCurve, sideNip, sideOutAt, upperSide } from './side-seam.ts';
import { plainLength } from '../../testing/plain-length.ts';

const rules = ruleSet();
const choices: BodiceChoices = {
  neckline: 'round',
  darted: true,
  neckWidth: inches(3),
  neckDepthFront: inches(3.5),
  neckDepthBack: inches(1.5),
  easeBust: inches(2),
  easeWaist: inches(1.5),
};
const bodyOf = (values: MeasureValues, change: Partial<Person> = {}): Body =>
  resolveBody(
    { from: 'neckSide', observations: usualObservations, values, ...change },
    ['height', 'highBust', 'acrossChest', 'acrossBack', 'armhole'],
    rules,
  ).body;
const body = bodyOf(middleBody);

describe('the frame', () => {
  test('the bust level follows from the slanted tape: it ends on the bust point, as long as measured', () => {
    const { frame } = bodiceFrame(body, { ...choices, neckWidth: 0 }, rules);
    const slant = Math.hypot(frame.bustPoint.x - frame.neckPoint.x, frame.bustPoint.y - frame.neckPoint.y);
    expect(slant).toBeCloseTo(body.mm('shoulderToBust'), 6);
  });

  test('a tape that starts mid-shoulder sets every level lower, by half the drop', () => {
    const [neckSide, midShoulder] = (['neckSide', 'midShoulder'] as const).map(
      (from) => bodiceFrame(bodyOf(middleBody, { from }), choices, rules).frame,
    );
    const lower = (midShoulder?.waist.back ?? 0) - (neckSide?.waist.back ?? 0);
    expect(lower).toBeCloseTo((neckSide?.tips.front.y ?? NaN) / 2, 6);
  });

  test('front and back widths add up to the round and its ease, at bust and waist', () => {
    const { frame } = bodiceFrame(body, choices, rules);
    expect(2 * (frame.bustWidth.front + frame.bustWidth.back)).toBeCloseTo(
      body.mm('bust') + choices.easeBust,
      6,
    );
    expect(2 * (frame.waistWidth.front + frame.waistWidth.back)).toBeCloseTo(
      body.mm('waist') + choices.easeWaist,
      6,
    );
    // Half of what the bust stands over the high bust belongs in front: the team's drafting study.
    expect(frame.share).toBeCloseTo((0.5 * (body.mm('bust') - body.mm('highBust'))) / 4, 9);
  });

  test.each([
    ['square', 0.5],
    ['middle', 1],
    ['sloping', 1.25],
  ] as const)('by a fixed drop, %s shoulders drop %d in on an adult of 66 in', (shoulders, drop) => {
    const { frame } = bodiceFrame(
      bodyOf(middleBody, { observations: { ...usualObservations, shoulders } }),
      choices,
      ruleSet({ 'school.shoulder': 'drop' }),
    );
    expect(frame.tips.front.y).toBeCloseTo(inches(drop), 6);
  });

  // Published blocks have shoulders of 18 to 22° for ordinary figures; from memory.
  test.each([
    ['square', 13, 18],
    ['middle', 18, 22],
    ['sloping', 20, 25],
  ] as const)('by its slope, a line of %s shoulders falls by %d to %d°', (shoulders, least, most) => {
    for (const values of [
      middleBody,
      ordinaryBody({ bust: 48, bustToWaist: 6, waistToHipRound: 9, height: 62, cup: 4 }),
    ]) {
      const { frame } = bodiceFrame(
        bodyOf(values, { observations: { ...usualObservations, shoulders } }),
        choices,
        rules,
      );
      const degrees = (Math.atan2(frame.shoulder.y, frame.shoulder.x) * 180) / Math.PI;
      expect(degrees).toBeGreaterThanOrEqual(least);
      expect(degrees).toBeLessThanOrEqual(most);
    }
  });

  // Published blocks ease ¼ to ½ into the back shoulder, from memory.
  test.each([0, 0.25, 0.5])('the back shoulder is %d in longer than the front, by the house rule', (ease) => {
    const house = ruleSet({ 'shoulder.backEase': inches(ease) });
    const { front, back } = draftBodice(body, choices, house, allowancesFrom(house, {}));
    const [inFront, behind] = [front, back].map((piece) => roleLength(piece, 'shoulder'));
    // A default of the table is scaled with the body's height.
    expect((behind ?? 0) - (inFront ?? 0)).toBeCloseTo(inches(ease) * bodyScale(body), 6);
  });

  test('defaults shrink for a child and are held for giants', () => {
    expect(bodyScale(bodyOf({ ...middleBody, height: inches(50) }))).toBeCloseTo(50 / 66, 9);
    expect(bodyScale(bodyOf({ ...middleBody, height: inches(90) }))).toBe(1.15);
  });

  test('a neck wider than the shoulder holds the cut; the width that the finding names clears it', () => {
    const wide = (neckWidth: number) =>
      bodiceFrame(bodyOf(middleBody), { ...choices, neckWidth }, rules).findings;
    const [stop] = wide(inches(8));
    expect(stop?.severity).toBe('stop');
    const half = middleBody.shoulder === undefined ? NaN : middleBody.shoulder / 2;
    expect(stop?.expected).toBeLessThan(half);
    expect(stop?.expected).toBeGreaterThan(half - inches(1));
    expect(wide(stop?.expected ?? NaN)).toEqual([]);
  });

  test('what contradicts the tape is a finding', () => {
    const codes = (values: MeasureValues, own: Partial<BodiceChoices> = {}) =>
      bodiceFrame(bodyOf(values), { ...choices, ...own }, rules).findings.map(({ code }) => code);
    expect(codes({ ...middleBody, shoulderLength: inches(6.5) })).toEqual(['shoulder-length-differs']);
    expect(codes({ ...middleBody, frontWaistLength: inches(14) })).toEqual(['front-shorter-than-back']);
    expect(codes(middleBody, { neckWidth: inches(2) })).toEqual(['neck-narrower-than-base']);
    expect(codes(middleBody, { neckWidth: inches(8) })).toEqual(['neck-wider-than-shoulder']);
    expect(codes(middleBody)).toEqual([]);
  });
});

describe('curves of the bodice', () => {
  const shoulder = unitVector(point(100, 20));

  const plan = { neckPoint: point(76, 5), shoulder, depth: 90 };

  test.each(Object.keys(necklineShapes) as NecklineShape[])(
    'a %s neckline runs from its depth at the centre to the neck point, and never back',
    (shape) => {
      const neck = neckline(shape, plan);
      expect(startOf(neck)).toEqual(point(0, 90));
      expect(endOf(neck)).toEqual(plan.neckPoint);
      const points = sampleCurve(neck, 0.05);
      points
        .slice(1)
        .forEach((p, index) => expect(p.x).toBeGreaterThanOrEqual((points[index]?.x ?? 0) - 1e-9));
      expect(dot(endDirection(neck), shoulder)).toBeCloseTo(0, 9);
    },
  );

  test('round and square are level at the centre, a V bows by three parts in a hundred, a sweetheart has a peak', () => {
    for (const shape of ['round', 'square'] as const)
      expect(startDirection(neckline(shape, plan))).toEqual(point(1, 0));
    const chord = unitVector(point(plan.neckPoint.x, plan.neckPoint.y - 90));
    const bow = Math.max(
      ...sampleCurve(neckline('v', plan), 0.05).map((p) => Math.abs(p.x * chord.y - (p.y - 90) * chord.x)),
    );
    const length = Math.hypot(76, 85);
    expect(bow / length).toBeGreaterThan(0.025);
    expect(bow / length).toBeLessThan(0.08);
    const [dip] = neckline('sweetheart', plan);
    expect(dip?.b.x).toBeCloseTo(0.55 * 76, 9);
    expect(dip?.b.y).toBeCloseTo(90 - 0.3 * 85, 9);
  });

  test('an armhole leaves square to the shoulder and arrives square to the side', () => {
    const armhole = armholeCurve(point(190, 25), shoulder, point(240, 210), 330, frontArmhole, point(1, 0));
    expect(dot(startDirection(armhole), shoulder)).toBeCloseTo(0, 9);
    expect(endDirection(armhole)).toEqual(point(1, 0));
    expect(endOf(armhole)).toEqual(point(240, 210));
  });

  test('the front armhole is hollower than the back on the same points', () => {
    const [front, back] = [frontArmhole, backArmhole].map((shape) =>
      curveLength(
        armholeCurve(point(190, 25), shoulder, point(240, 210), 330, { ...shape, pitchGain: 0 }, point(1, 0)),
      ),
    );
    expect(front).toBeGreaterThan(back ?? Infinity);
  });

  test('a side is as wide at the bust as asked, upright there, and no wider above it', () => {
    const frame = { chestWidth: { front: 250, back: 238 }, bustPoint: point(95, 270), steepestSide: 0.2 };
    const shape = { bustOut: { front: 250, back: 250 }, chest: 210 };
    const straight = sideCurve(upperSide(frame, shape, 'front'), point(225, 420));
    expect(startDirection(straight).y).toBeCloseTo(1, 9);
    expect(sideOutAt(straight, 240)).toBeCloseTo(250, 9);
    expect(sideOutAt(straight, 300)).toBeLessThan(250.01);
    expect(sideOutAt(straight, 999)).toBe(225);
    const comesIn = sideCurve(upperSide(frame, shape, 'back'), point(225, 420));
    expect([210, 270].map((level) => sideOutAt(comesIn, level))).toEqual([238, 250]);
    expect(sideOutAt(comesIn, 240)).toBeLessThan(250);
    expect(sideOutAt(comesIn, 240)).toBeGreaterThan(238);
  });

  test('a side above a very full bust comes in as far as an armhole stays fair, and no further', () => {
    const frame = { chestWidth: { front: 190, back: 190 }, bustPoint: point(95, 270), steepestSide: 0.2 };
    const { underarm } = upperSide(frame, { bustOut: { front: 250, back: 250 }, chest: 210 }, 'front');
    expect(underarm.x).toBeCloseTo(238, 6);
  });

  test.each([
    [0.3, 0.3],
    [0.5, 0.5],
    [1, 0.4],
    [2, 0.8],
    [4, 1.1],
    [-0.5, -0.5],
  ])('of a drop of %d in the side takes %d in', (drop, nip) => {
    expect(sideNip(plainLength(inches(drop)), rules, 1).mm).toBeCloseTo(inches(nip), 9);
  });
});

describe('the solved bodice', () => {
  const allowances = allowancesFrom(rules, {});
  const armholeOf = (values: MeasureValues) => {
    const { front, back } = draftBodice(bodyOf(values), choices, rules, allowances);
    return [front, back].map(({ edges }) =>
      edges.filter(({ role }) => role === 'armhole').reduce((sum, { path }) => sum + curveLength(path), 0),
    );
  };

  test('the drafted armhole is the measured one and its ease', () => {
    for (const armhole of [14.5, 15.2, 16]) {
      const [front = 0, back = 0] = armholeOf({ ...middleBody, armhole: inches(armhole) });
      expect(Math.abs(front + back - inches(armhole) - rules['armhole.ease'])).toBeLessThan(1);
    }
  });

  test('a wedge brings a long front armhole down to the back’s', () => {
    const [front = 0, back = 0] = armholeOf(middleBody);
    expect(front - back).toBeLessThan(inches(0.75));
  });

  test('an armhole that no depth can reach is said, not forced', () => {
    const codes = draftBodice(
      bodyOf({ ...middleBody, armhole: inches(27) }),
      choices,
      rules,
      allowances,
    ).findings.map(({ code }) => code);
    expect(codes).toContain('armhole-off-measure');
  });

  test('a longer front opens a wider bust dart', () => {
    const intake = (frontWaistLength: number) =>
      draftBodice(
        bodyOf({ ...middleBody, frontWaistLength: inches(frontWaistLength) }),
        choices,
        rules,
        allowances,
      ).front.intakes.find(({ operation }) => operation === 'balance')?.mm ?? 0;
    expect(intake(18) - intake(17.25)).toBeGreaterThan(inches(0.4));
  });

  test('a figure with no drop from bust to waist gets no waist dart', () => {
    const { front, back } = draftBodice(
      bodyOf({ ...middleBody, waist: inches(36) }),
      choices,
      rules,
      allowances,
    );
    expect([...front.darts, ...back.darts].filter(({ id }) => id.startsWith('waist'))).toEqual([]);
  });
});
