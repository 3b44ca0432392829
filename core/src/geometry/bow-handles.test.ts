import { expect, test } from '@jest/globals';
import { tightestBend } from '../testing/unfair-edges.ts';
import { bowHandles } from './bow-handles.ts';
import { point } from './point.ts';
import { handleCurve } from './segment.ts';

const parts = { leaving: 0.55, arriving: 0.5 };
/** A quarter turn from level to upright, `run` mm on and `rise` mm up. */
const bow = (run: number, rise: number) => {
  const { leaving, arriving } = bowHandles({ leaving: run, arriving: rise }, parts);
  return [handleCurve(point(0, rise), point(1, 0), leaving, point(run, 0), point(0, -1), arriving)];
};

test('legs of one length keep the handles that were asked', () => {
  const { leaving, arriving } = bowHandles({ leaving: 100, arriving: 100 }, parts);
  expect(leaving).toBeCloseTo(55, 9);
  expect(arriving).toBeCloseTo(50, 9);
});

// The largest radius that fits between two legs at a right angle is the shorter of them: a circle's quarter.
test.each([
  [60, 30],
  [90, 30],
  [120, 30],
  [30, 120],
])('a turn over %d mm and up %d mm bends no tighter than at about half the shorter leg', (run, rise) => {
  expect(tightestBend(bow(run, rise))).toBeGreaterThan(0.5 * Math.min(run, rise));
  expect(tightestBend(bow(run, rise))).toBeLessThan(1.3 * Math.min(run, rise));
});

test('a hair’s change in a leg changes the handles by a hair', () => {
  for (let rise = 20; rise < 140; rise += 0.1) {
    const [a, b] = [
      bowHandles({ leaving: 60, arriving: rise }, parts),
      bowHandles({ leaving: 60, arriving: rise + 0.1 }, parts),
    ];
    expect(Math.abs(a.leaving - b.leaving)).toBeLessThan(0.2);
    expect(Math.abs(a.arriving - b.arriving)).toBeLessThan(0.2);
  }
});
