import { expect } from '@jest/globals';
import { ROUND_TOLERANCE } from '../checks/rounds.ts';
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
  // Under the bust one seam shapes only so much: where that misses by more than a round may, a finding says so.
  const spent = draft.findings.some(({ code }) => code === 'under-bust-off');
  for (const { level, ease, wantedEase } of draft.rounds) {
    const allowed = level !== 'underBust' ? 1 : spent ? Infinity : ROUND_TOLERANCE;
    expect([level, Math.abs(ease - wantedEase) < allowed]).toEqual([level, true]);
  }
  expectCuttable(draft);
}
