import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { piecedLength, piecesFor } from './piecing.ts';
import { readSum } from './read-sum.ts';
import { slate, sumNames } from './slate.ts';
import { sumJson } from '../formats/sum-json.ts';

type Json = ReturnType<typeof sumJson>;

function give(line: string, unit: 'in' | 'cm' = 'in'): Json {
  const [name = '', ...pairs] = line.split(' ');
  const written = Object.fromEntries(pairs.map((pair) => pair.split('=') as [string, string]));
  const sum = readSum(name, written, unit);
  if (!sum.ok) throw new Error(sum.fault.message);
  return sumJson(sum.value);
}

const faultOf = (line: string) => {
  const [name = '', ...pairs] = line.split(' ');
  const sum = readSum(
    name,
    Object.fromEntries(pairs.map((pair) => pair.split('=') as [string, string])),
    'in',
  );
  return sum.ok ? undefined : sum.fault;
};

/**
 * Sums worked on paper, by the formulas as the trade uses them (common practice, no source); the numbers are ours.
 * Circle sums are checked against the circumference of a circle, 2πr.
 */
describe('quick sums, against paper', () => {
  test.each([
    // (36 + 2) ÷ 4 + 1½ + 1 = 12; two lines cut open add 2 × ½ × 2.
    ['quarter round=36 ease=2 intake=1.5 allowance=1', 12, {}],
    ['quarter round=36 ease=2 intake=1.5 allowance=1 cuts=2', 14, {}],
    // (40 + 4) ÷ 4 + 1 = 12; 45 − 24 = 21.
    ['fold-width round=40 ease=4 allowance=1 clothWidth=45', 12, { left: 21 }],
    ['chest-line method=half-armhole armhole=16.5', 8.25, { nearestHalf: 8.5 }],
    ['chest-line method=bust-sixth bust=36', 7.5, { nearestHalf: 7.5 }],
    ['chest-line method=fixed fixed=8.5', 8.5, { nearestHalf: 8.5 }],
    ['half-length height=66', 16.5, { hip: 24.5 }],
    // (36 − 28) ÷ 4 is the quarters' drop, half of it on each side.
    ['dart bust=36 waist=28', 0.75, { waist: 0.75, hem: 0.75, derived: 1 }],
    ['dart bust=36 waist=28 build=full', 1.5, { waist: 1, hem: 1, derived: 1 }],
    // 9 − 31 ÷ 4 = 1¼, shared 40 to 60, or ½ and the rest.
    ['underbust drawn=9 underBust=31', 1.25, { toCentre: 0.5, toSide: 0.75 }],
    ['underbust drawn=10 underBust=31 method=table', 2.25, { toCentre: 0.5, toSide: 1.75 }],
    ['off-shoulder round=44 acrossChest=13 acrossBack=14', 8.5, {}],
    ['off-shoulder round=44 frontTop=6.5 backTop=7', 8.5, {}],
    ['gather seam=30 ratio=2 clothWidth=45', 60, { pieces: 2 }],
    ['gather seam=22 ratio=2 clothWidth=45', 44, { pieces: 1 }],
    ['tiers round=28 length=30 count=3 ratio=1.5 clothWidth=45', 10, { width1: 42, width2: 63, width3: 94.5, pieces1: 1, pieces2: 2, pieces3: 3 }],
    // A stitched radius of 2 leaves 4π − 1 on the seam.
    ['flounce seam=30 visible=4', 6.5, { inner: 1.5, edgePerRing: 4 * Math.PI - 1, rings: 3 }],
    ['sleeve-steps length=24 count=6 depth=6', 3.6, { cutDepth: 7, ends: 26 }],
    ['sleeve-steps length=24 count=6', 4, { cutDepth: 5, ends: 24 }],
    ['placket frontEdge=20 cutOut=6 finished=1.25', 27, { width: 3.5 }],
    ['collar frontNeck=5 backNeck=3.25 placket=0.75', 9, { whole: 18 }],
    // 28 × 2½ = 70 from two widths of 45, even: (70 + 1) ÷ 2.
    ['tie-belt waist=28 ratio=2.5 finished=2 clothWidth=45', 70, { strips: 2, stripLength: 35.5, height: 5, gives: 89 }],
    ['net-overlay front=20 back=18 takeUp=2 span=6', 34, { width: 60, count: 2 }],
    ['crotch-depth outseam=41 inseam=30.5 ease=0.5', 11, {}],
    // (40 + 8) ÷ 4 = 12.
    ['recut existing=13.5 round=40 ease=8', 12, { takeIn: 1.5, cutAt: 12.5 }],
    ['recut existing=13.5 target=12.25', 12.25, { takeIn: 1.25 }],
    ['tiled-length pieceLength=30 repeat=12', 36, { repeats: 3 }],
    ['tiled-length pieceLength=36 repeat=12', 36, { repeats: 3 }],
    // 95 ÷ 0.95 = 100 in = 2.78 yd.
    ['buy length=95 shrink=5', 3, {}],
    ['buy length=95 unit=m', 2.5, {}],
    ['convert length=10', 25.4, { nearestEighth: 25.4 }],
    ['convert length=31.4cm to=in', 31.4 / 2.54, { nearestEighth: 12.375 }],
  ] as const)('%s', (line, value, results) => {
    const json = give(line);
    expect(json.value).toBeCloseTo(value, 9);
    for (const [key, expected] of Object.entries(results))
      expect([key, json.results[key]?.value]).toEqual([key, expect.closeTo(expected, 9)]);
  }); // prettier-ignore

  test('a flare’s stitched edge is the round it is sewn to, whatever part of a circle it is', () => {
    for (const circle of [1, 0.75, 0.5, 0.25]) {
      const { value, results } = give(`flare round=28 circle=${circle} length=24 waistAllowance=0.5 hem=1`);
      expect(2 * Math.PI * circle * (value + 0.5)).toBeCloseTo(28, 9);
      // The finished length lies between the join and the hem, both turned.
      expect((results['outer']?.value ?? 0) - value - 0.5 - 1).toBeCloseTo(24, 9);
    }
    const pleated = give('flare round=28 extra=8 length=24');
    expect(2 * Math.PI * (pleated.value + 0.5)).toBeCloseTo(36, 9);
  });

  test('how a circle lies on the cloth decides its joins', () => {
    const joins = (line: string) => give(line).results['joins']?.value;
    expect(joins('flare round=28 length=20 clothWidth=60')).toBe(0);
    expect(joins('flare round=28 length=30 clothWidth=45')).toBe(2);
    expect(joins('flare round=28 length=44 clothWidth=45')).toBe(4);
    expect(joins('flare round=28 circle=0.5 length=20 clothWidth=45')).toBe(1);
    expect(joins('flare round=28 circle=0.5 length=40 clothWidth=45')).toBe(2);
    const parts = (line: string) => give(line).results['parts']?.value;
    expect(parts('flare round=28 length=20 clothWidth=60')).toBe(1);
    expect(parts('flare round=28 length=30 clothWidth=45')).toBe(2);
    expect(parts('flare round=28 length=44 clothWidth=45')).toBe(6);
  });
});

describe('habits that miss', () => {
  test('round ÷ 8 for a full circle is short by what is left of 2π, and round ÷ 6 a little long', () => {
    const eight = give('flare round=32 length=20 rule=8');
    expect(eight.results['miss']?.value).toBeCloseTo((2 * Math.PI * 32) / 8 - 32, 9);
    expect(eight.findings).toMatchObject([{ code: 'habit-misses', severity: 'care' }]);
    const six = give('flare round=32 length=20 rule=6');
    expect(six.results['miss']?.value).toBeCloseTo((2 * Math.PI * 32) / 6 - 32, 9);
    expect(give('flare round=32 length=20 rule=6.2832').findings).toEqual([]);
  });

  test('steps of length ÷ count end too low with deep flounces', () => {
    expect(give('sleeve-steps length=24 count=6 depth=6').findings[0]?.message).toBe(
      'Length ÷ 6 gives 26 in where 24 in is meant: it misses by 2 in.',
    );
    expect(give('sleeve-steps length=24 count=6').findings).toEqual([]);
  });

  test('a dart by habit is set against the quarters', () => {
    expect(give('dart bust=44 waist=30 build=slim').findings).toMatchObject([
      { code: 'habit-misses', where: { subject: 'the waist dart by habit' } },
    ]);
    expect(give('chest-line armhole=18 bust=36').findings).toMatchObject([{ code: 'schools-differ' }]);
  });

  test('cloth too narrow to fold is a stop; letting out past the seam is pointed out', () => {
    expect(give('fold-width round=96 clothWidth=45').findings).toMatchObject([{ severity: 'stop' }]);
    expect(give('recut existing=11 target=12 seam=0.5').findings).toMatchObject([
      { code: 'seam-too-narrow' },
    ]);
  });
});

describe('reading what is asked', () => {
  test.each([
    ['nope round=1', 'name', 'there are quarter, fold-width'],
    ['flare rond=2', 'rond', 'it takes round, circle'],
    ['flare round=28 clothWidth=45', 'length', 'Length is missing'],
    ['quarter round=wide', 'round', 'not a length'],
    ['quarter round=-3', 'round', 'negative'],
    ['quarter round=0', 'round', 'more than nothing'],
    ['quarter round=36 cuts=1.5', 'cuts', 'whole number'],
    ['tiled-length pieceLength=30 repeat=0', 'repeat', 'more than nothing'],
    ['flare round=28 length=20 rule=0', 'rule', 'more than nothing'],
    ['gather seam=20 clothWidth=1', 'join', 'whole width of the cloth'],
    ['chest-line method=bust-sixth armhole=16', 'bust', 'Bust is missing'],
    ['chest-line method=thumb', 'method', 'one of half-armhole'],
    ['off-shoulder round=44 frontTop=6', 'backTop', 'missing'],
    ['off-shoulder round=44', 'acrossChest', 'missing'],
    ['recut existing=13', 'round', 'missing'],
    ['buy length=95 shrink=70', 'shrink', 'between 0 and 50'],
  ])('%s names %s', (line, field, words) => {
    expect(faultOf(line)).toMatchObject({ field });
    expect(faultOf(line)?.message).toContain(words);
  });

  test('lengths in any form and either unit come to the same', () => {
    const inInches = give('quarter round=36 ease=2').mm;
    expect(give('quarter round=91.44 ease=5.08', 'cm').mm).toBeCloseTo(inInches ?? 0, 6);
    expect(give('quarter round=1yd ease=2in', 'cm').mm).toBeCloseTo(inInches ?? 0, 6);
  });
});

describe('every sum', () => {
  /** A readable text for every argument of a sum. */
  const filled = (name: string, share: number) => {
    const { args } = slate.find((each) => each.name === name) ?? { args: [] };
    return Object.fromEntries(
      args.map((arg) => {
        switch (arg.kind) {
          case 'length':
            return [arg.id, arg.id === 'join' ? '0.5' : `${(4 + 40 * share).toFixed(3)}`] as const;
          case 'ratio':
            return [arg.id, (0.25 + 2 * share).toFixed(3)] as const;
          case 'percent':
            return [arg.id, (10 * share).toFixed(1)] as const;
          case 'count':
            return [
              arg.id,
              String(Math.round(arg.least + share * (Math.min(arg.most, 8) - arg.least))),
            ] as const;
          case 'word':
            return [arg.id, arg.usual] as const;
        }
      }),
    );
  };

  test('gives figures that its workings come to, for any lengths, and never fails', () => {
    fc.assert(
      fc.property(fc.constantFrom(...sumNames), fc.double({ min: 0, max: 1, noNaN: true }), (name, share) => {
        const read = readSum(name, filled(name, share), 'in');
        if (!read.ok) throw new Error(`${name}: ${read.fault.message}`);
        const { lines } = read.value.quickSum.sum(read.value.inputs);
        for (const { key, quantity, working } of lines) {
          const figure = quantity.kind === 'count' ? quantity.count : quantity.mm;
          expect([name, key, Number.isFinite(figure)]).toEqual([name, key, true]);
          if (quantity.kind === 'length' && typeof working !== 'string')
            expect([name, key, working.mm]).toEqual([name, key, expect.closeTo(quantity.mm, 6)]);
        }
        const json = sumJson(read.value);
        expect(json.steps).toHaveLength(lines.length);
        expect(JSON.stringify(json)).not.toMatch(/NaN|undefined|\u2044|\u202f/);
      }),
      { numRuns: 400, seed: 9 },
    );
  });

  test('has a title, a summary, and keys and labels of its own', () => {
    expect(new Set(sumNames).size).toBe(21);
    for (const { name, title, summary, args } of slate) {
      expect([name, /^[A-Z]/.test(title), summary.endsWith('.')]).toEqual([name, true, true]);
      expect([name, new Set(args.map(({ id }) => id)).size]).toEqual([name, args.length]);
    }
  });
});

describe('piecing', () => {
  test('pieces in a row reach the length, and one fewer does not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.double({ min: 100, max: 1600, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (length, each, join) => {
          const pieces = piecesFor(length, each, join);
          expect(piecedLength(pieces, each, join)).toBeGreaterThanOrEqual(length - 1e-3);
          if (pieces > 1) expect(piecedLength(pieces - 1, each, join)).toBeLessThan(length + 1e-3);
        },
      ),
      { seed: 4 },
    );
  });
});
