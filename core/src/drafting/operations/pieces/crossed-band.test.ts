import { describe, expect, test } from '@jest/globals';
import { point } from '../../../geometry/point.ts';
import { signedArea } from '../../../geometry/ring.ts';
import { edgeLength } from '../../../pieces/piece.ts';
import { coveredWidth, crossedBand, crossedLine, crossedRing, type CrossedHalf } from './crossed-band.ts';
import { plainLength } from '../../../testing/plain-length.ts';

/** From a waist 100 wide at the centre to a shoulder 80 wide on the other side: 180 across and 240 up is 300. */
const half: CrossedHalf = {
  waist: [point(30, 300), point(130, 300)],
  shoulder: [point(60, 60), point(140, 60)],
};
const plan = {
  id: 'net',
  name: 'Net',
  role: 'net',
  front: half,
  back: half,
  tight: plainLength(20),
  ratio: 1.5,
  allowance: 10,
} as const;

describe('a band that crosses to the other shoulder', () => {
  test('is as long as the lines that it lies along, less what makes it tight', () => {
    expect(crossedLine(half)).toBeCloseTo(300, 9);
    const band = crossedBand(plan);
    const lengths = band.edges.map(edgeLength).sort((a, b) => b - a);
    expect(lengths[0]).toBeCloseTo(2 * (300 - 20), 9);
    expect(band.cut.copies).toBe(2);
  });

  test('is cut wider than what it covers, by its gathers', () => {
    expect(coveredWidth(half)).toBeCloseTo(100, 9);
    const lengths = crossedBand(plan).edges.map(edgeLength);
    expect(Math.min(...lengths)).toBeCloseTo(150, 9);
  });

  test('has its shoulder notched where front and back meet', () => {
    const short = { ...half, waist: [point(30, 200), point(130, 200)] } as const;
    const { notches } = crossedBand({ ...plan, front: short });
    const [front, back] = [crossedLine(short) - 20, crossedLine(half) - 20];
    const fromFront = notches.map(({ at }) => Math.min(at, front + back - at));
    expect(fromFront).toEqual([expect.closeTo(front, 6)]);
  });

  test('lies across the centre in the finished garment', () => {
    const ring = crossedRing(half);
    expect(ring).toHaveLength(4);
    expect(ring.slice(0, 2).every(({ x }) => x > 0) && ring.slice(2).every(({ x }) => x < 0)).toBe(true);
    expect(Math.abs(signedArea(ring))).toBeGreaterThan(0);
  });
});
