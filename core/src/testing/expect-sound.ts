import { expect } from '@jest/globals';
import { ROUND_TOLERANCE } from '../checks/rounds.ts';
import type { Draft } from '../drafting/draft.ts';
import { unfairEdges } from './unfair-edges.ts';
import type { EdgeRole } from '../pieces/piece.ts';
import { SMOOTH, walkSeam } from '../pieces/walk-seam.ts';
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
  for (const { level, held, ease, wantedEase } of draft.rounds) {
    if (held === 'not' && level !== 'top') continue;
    const allowed = level !== 'underBust' ? 1 : spent ? Infinity : ROUND_TOLERANCE;
    // A top edge is at most as wide as asked, and what has a least ease at least.
    const more = ease - wantedEase;
    const off = level === 'top' ? more : held === 'at-least' ? -more : Math.abs(more);
    expect([level, off < allowed]).toEqual([level, true]);
  }
  expectCuttable(draft);
}

/** No edge bends tighter than its kind may, or turns about without need. */
export function expectFair({ pieces }: Draft, kind: 'adult' | 'child'): void {
  expect(pieces.flatMap(({ piece }) => unfairEdges(piece, kind))).toEqual([]);
}

/** Edges that run on around the body across every seam. */
const around: ReadonlySet<EdgeRole> = new Set([
  'hem',
  'neck',
  'top',
  'waist',
  'inner',
  'armhole',
  'yoke',
  'fork',
]);

/** Every hem, neck and waist runs on across every seam that it crosses; the legs of a dart are sewn to each other too. */
export function expectRunsOn({ pieces: drafted, seams }: Draft): void {
  const pieces = drafted.map(({ piece }) => piece);
  const turns = seams.flatMap((seam) =>
    walkSeam(pieces, seam)
      .runsOn.filter(({ role, turn }) => around.has(role) && turn > SMOOTH)
      .map(({ role, turn }) => `${seam.id}, ${role}: ${((turn * 180) / Math.PI).toFixed(1)}°`),
  );
  expect(turns).toEqual([]);
}
