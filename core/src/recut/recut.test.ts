import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readSum } from '../slate/read-sum.ts';
import { sumJson } from '../formats/sum-json.ts';
import { inches } from '../units/length.ts';
import type { RecutInput } from './recut-input.ts';
import { recutLengths } from './recut-lengths.ts';
import { recutMarks } from './recut-marks.ts';
import { recutDrawings } from './recut-outline.ts';
import { recutWidths, sharedBetween } from './recut-widths.ts';
import { recutLines } from '../words/recut-words.ts';

const cm = (count: number): number => 10 * count;

/** A shirt that is wide all over, and a body whose ease is 7 over. */
const wide: RecutInput = {
  now: {
    frontChest: inches(14.25),
    backChest: inches(27),
    frontWaist: inches(14),
    backWaist: inches(26),
    frontHip: inches(14),
    backHip: inches(26.5),
    halfYoke: inches(9.5),
    sleeve: inches(35),
    collar: inches(17),
    backLength: inches(31),
    cuffLength: inches(10),
  },
  target: {
    kind: 'body',
    body: {
      rounds: { chest: inches(40), waist: inches(35), hip: inches(40) },
      height: inches(70),
      neck: inches(15.5),
      shoulder: inches(18),
      armLength: inches(24.5),
      wrist: inches(7),
    },
    ease: { levels: { chest: inches(7), waist: inches(7), hip: inches(7) }, neck: inches(0.75), cuff: inches(2), withSeams: false },
  },
  lap: inches(1.25),
  seam: inches(0.5),
  holds: inches(0.375),
  most: inches(2),
}; // prettier-ignore

describe('the sides of a shirt', () => {
  test('are taken in by what is over a quarter of body and ease, marked from the centre, as the slate’s own sum says', () => {
    for (const { level, halves, left } of recutWidths({ ...wide, most: inches(4) })) {
      expect(left).toBe(0);
      for (const half of Object.values(halves)) {
        const round = wide.target.kind === 'body' ? (wide.target.body.rounds[level] ?? 0) : 0;
        const slate = readSum('recut', { existing: String(half.now.mm / 25.4), round: String(round / 25.4), ease: '7', seam: '0.5' }, 'in');
        if (!slate.ok) throw new Error('no sum');
        const { mm, results } = sumJson(slate.value);
        expect(mm).toBeCloseTo(half.wanted.mm, 6);
        expect(results['takeIn']?.value).toBeCloseTo(half.takeIn / 25.4, 6);
        expect(results['cutAt']?.value).toBeCloseTo(half.cutAt.mm / 25.4, 6);
      }
    }
  }); // prettier-ignore

  test('worked by hand: a chest of 40 with 7 over it is 11¾ on each half; the front of 14¼ less half a lap of 1¼ gives 1⅞', () => {
    const chest = recutWidths(wide)[0];
    // (40 + 7) ÷ 4 = 11¾; 14¼ − ⅝ − 11¾ = 1⅞; 27 ÷ 2 − 11¾ = 1¾. Common practice.
    expect(chest?.halves.front.takeIn).toBeCloseTo(inches(1.875), 6);
    expect(chest?.halves.back.takeIn).toBeCloseTo(inches(1.75), 6);
    expect(chest?.halves.back.cutAt.mm).toBeCloseTo(inches(12.25), 6);
  });

  test('an ease of 8 that has the inch of the seams in it is the same as 7 that has not', () => {
    if (wide.target.kind !== 'body') throw new Error('a body');
    const { ease, ...target } = wide.target;
    const eight = { chest: inches(8), waist: inches(8), hip: inches(8) };
    const withSeams = recutWidths({ ...wide, target: { ...target, ease: { ...ease, levels: eight, withSeams: true } } });
    recutWidths(wide).forEach(({ halves }, index) =>
      expect(withSeams[index]?.halves.front.sewAt.mm).toBeCloseTo(halves.front.sewAt.mm, 9),
    );
  }); // prettier-ignore

  test('of a shirt that fits in centimetres: each half to its own half, never the mean of both', () => {
    const sample: RecutInput = {
      ...wide,
      now: { frontChest: cm(31), backChest: cm(60), frontWaist: cm(30), backWaist: cm(58) },
      target: { kind: 'sample', values: { frontChest: cm(28), backChest: cm(57), frontWaist: cm(28.5), backWaist: cm(54) } },
    }; // prettier-ignore
    const [chest, waist] = recutWidths(sample);
    expect(chest?.halves.front.takeIn).toBeCloseTo(cm(3), 9);
    expect(chest?.halves.back.takeIn).toBeCloseTo(cm(1.5), 9);
    expect(waist?.halves.back.takeIn).toBeCloseTo(cm(2), 9);
  });

  test('what one half cannot give the other gives, and what neither can is told', () => {
    const [chest] = recutWidths({ ...wide, most: inches(1.8) });
    expect(chest?.halves.front.takeIn).toBeCloseTo(inches(1.8), 9);
    expect(chest?.halves.back.takeIn).toBeCloseTo(inches(1.8), 9);
    expect(chest?.left).toBeCloseTo(inches(0.025), 9);
    expect(chest?.halves.back.fromOther).toBeCloseTo(inches(0.05), 9);
  });

  test('nothing is let out beyond what the seams hold', () => {
    const tight = { ...wide, now: { ...wide.now, frontChest: inches(12), backChest: inches(22) } };
    const [chest] = recutWidths(tight);
    // Wanted 11¾ on each: the front 11⅜ lacks ⅜, the back 11 lacks ¾, of which the seam holds ⅜.
    expect(chest?.halves.front.takeIn).toBeCloseTo(-inches(0.375), 9);
    expect(chest?.halves.back.takeIn).toBeCloseTo(-inches(0.375), 9);
    expect(chest?.left).toBeCloseTo(-inches(0.375), 9);
  });

  test('where one half is asked to take in and the other to let out past their limits, their sum is kept', () => {
    expect(sharedBetween({ front: 80, back: -80 }, 0, 60)).toEqual({ front: 0, back: 0 });
    expect(sharedBetween({ front: 20, back: -80 }, 0, 60)).toEqual({ front: 0, back: 0 });
    expect(sharedBetween({ front: 80, back: -30 }, -10, 60)).toEqual({ front: 60, back: -10 });
  });

  test('whatever is asked, each half stays within its limits and the sum is kept as far as both let it', () => {
    const mm = fc.double({ min: -80, max: 80, noNaN: true });
    fc.assert(
      fc.property(
        mm,
        mm,
        fc.double({ min: 0, max: 15, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        (front, back, holds, most) => {
          const given = sharedBetween({ front, back }, -holds, most);
          for (const each of Object.values(given)) {
            expect(each).toBeGreaterThanOrEqual(-holds - 1e-9);
            expect(each).toBeLessThanOrEqual(most + 1e-9);
          }
          const [asked, sum] = [front + back, given.front + given.back];
          const reachable = Math.min(Math.max(asked, -2 * holds), 2 * most);
          expect(sum).toBeCloseTo(reachable, 6);
        },
      ),
    );
  });
});

describe('the rest of a shirt', () => {
  test('a sleeve is shortened by what the shoulder has not taken already', () => {
    const lengths = recutLengths(wide);
    const of = (work: string) => lengths.find((each) => each.work === work);
    // Half of 18 is 9, ½ less than the yoke; 9 + 24½ = 33½, from 35 less that ½.
    expect(of('halfYoke')?.less).toBeCloseTo(inches(0.5), 9);
    expect(of('sleeve')?.less).toBeCloseTo(inches(1), 9);
  });

  test('collar and cuffs are charged apart, and what the seams do not hold is told', () => {
    const lengths = recutLengths({ ...wide, now: { ...wide.now, collar: inches(15.5) } });
    const collar = lengths.find(({ work }) => work === 'collar');
    expect(collar).toMatchObject({ charged: 'apart' });
    expect(collar?.less).toBeCloseTo(-inches(0.75), 9);
    expect(collar?.beyond).toBeCloseTo(inches(0.375), 9);
    expect(lengths.find(({ work }) => work === 'sleeve')?.charged).toBe('included');
  });
});

test('marks lie from the centre outwards, of a front from the placket’s edge as well, at the levels of the body', () => {
  const marks = recutMarks(wide, recutWidths(wide));
  expect(marks.map(({ face, level }) => `${face} ${level}`)).toEqual([
    'back chest', 'back waist', 'back hip', 'front chest', 'front waist', 'front hip',
  ]); // prettier-ignore
  const waist = marks.find(({ face, level }) => face === 'front' && level === 'waist');
  // A quarter of the height below the collar band. Common practice.
  expect(waist?.down).toBeCloseTo(inches(17.5), 9);
  expect((waist?.sewnFromEdge ?? 0) - (waist?.sewn ?? 0)).toBeCloseTo(inches(0.625), 9);
  for (const { sewn, cut } of marks) expect(cut - sewn).toBeCloseTo(inches(0.5), 9);
});

test('is drawn once two levels are known: the new line inside the old one where it is taken in', () => {
  expect(recutDrawings(wide, recutWidths(wide).slice(0, 1))).toEqual([]);
  for (const { old, sewn, cut } of recutDrawings(wide, recutWidths(wide)))
    old.forEach(({ x }, index) => {
      expect(sewn[index]?.x).toBeLessThan(x);
      expect((cut[index]?.x ?? 0) - (sewn[index]?.x ?? 0)).toBeCloseTo(inches(0.5), 6);
    });
});

test('is told in lines: what is done, what is charged apart, the marks, and what neither half can give', () => {
  const lines = recutLines({ ...wide, most: inches(1.5) }, 'in');
  expect(lines).toContain('Front, chest: take in 1 1/2 in on each side.');
  expect(lines).toContain('Collar: take in 3/4 in (charged apart).');
  expect(lines).toContain('Sleeve: shorten 1 in.');
  expect(lines).toContain('Chest: 1 1/4 in of the round stays too wide; neither half gives more.');
  expect(recutLines(wide, 'cm').find((line) => line.startsWith('Back, chest: take'))).toBe('Back, chest: take in 4.4 cm on each side.');
}); // prettier-ignore
