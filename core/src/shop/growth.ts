import type { MeasureId } from '../measures/catalogue.ts';
import { inOrder, type ClientSet } from './client-set.ts';

const DAY = 86_400_000;

/** Sets nearer to each other than this say more about the tape than about growing, days. */
const LEAST_APART = 21;

/** Growth of a child's measure between two sets, and its value if it goes on so. Lengths in mm. */
export interface Growth {
  readonly since: string;
  readonly days: number;
  readonly grown: number;
  /** What is to be added to the newest set's figure by the day asked for. */
  readonly more: number;
}

const daysBetween = (earlier: string, later: string): number =>
  Math.round((Date.parse(later) - Date.parse(earlier)) / DAY);

/**
 * The growth of one measure over the last two sets that have it and lie apart, carried on evenly to a day. A rough guide
 * for ease and hems, never a measure. Undefined without two such sets, or for a day before the newest.
 */
export function growthBy(sets: readonly ClientSet[], id: MeasureId, day: string): Growth | undefined {
  const measured = sets.filter(({ values }) => values[id] !== undefined).sort(inOrder);
  const newest = measured.at(-1);
  const before = measured.findLast(
    (set) => newest && daysBetween(set.takenOn, newest.takenOn) >= LEAST_APART,
  );
  const [now, then] = [newest?.values[id]?.mm, before?.values[id]?.mm];
  if (!newest || !before || now === undefined || then === undefined) return undefined;
  const days = daysBetween(before.takenOn, newest.takenOn);
  const ahead = daysBetween(newest.takenOn, day);
  if (ahead < 0) return undefined;
  return { since: before.takenOn, days, grown: now - then, more: ((now - then) / days) * ahead };
}
