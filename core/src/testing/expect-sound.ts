import { expect } from '@jest/globals';
import type { Draft } from '../drafting/draft.ts';
import { countSelfCrossings, signedArea } from '../geometry/ring.ts';

/** Every outline can be cut: finite, around its stitch line, crossing nowhere. */
export function expectCuttable({ pieces }: Draft): void {
  for (const { stitch, outline } of pieces) {
    expect([...outline, ...stitch].every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))).toBe(true);
    expect(countSelfCrossings(stitch) + countSelfCrossings(outline)).toBe(0);
    expect(signedArea(outline)).toBeGreaterThan(signedArea(stitch));
  }
}

/** The engine holds itself to a millimetre: seams, and each round against body and wanted ease; without a stop. */
export function expectTrue(draft: Draft): void {
  expect(draft.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  for (const { id, difference } of draft.seams) expect([id, Math.abs(difference) < 1]).toEqual([id, true]);
  for (const { level, ease, wantedEase } of draft.rounds)
    expect([level, Math.abs(ease - wantedEase) < 1]).toEqual([level, true]);
  expectCuttable(draft);
}
