import type { NoFitCache } from '../no-fit/no-fit-cache.ts';
import { anyStart, boxStart } from './box-start.ts';
import { overlapMinimiser } from './overlap-minimiser.ts';
import { copyPositions, type Positions, type Strip, type StripOrientation } from './strip.ts';

/** By how much of its length the strip is shortened at once: at first, and at last. */
const CUT = { first: 0.08, least: 0.0015 };
/** Rounds that bring nothing before a length is given up. */
const PATIENCE = 25;
/** Times that the finest cut may fail before the search begins anew from another start. */
const IDLE = 2;
/** Near misses that are kept to be shaken. */
const NEAR_MISSES = 12;

/** How often a length is tried anew, shaken, before a smaller cut is made: the finer the cut, the longer. */
const triesAt = (cut: number): number => (cut > 0.02 ? 1 : cut > 0.008 ? 2 : cut > 0.003 ? 5 : 7);

export interface ShortenStep {
  readonly best: Positions;
  readonly improved: boolean;
}

interface NearMiss {
  readonly positions: Positions;
  readonly overlap: number;
}

/** The least way from the start at which any of the orientations may begin, mm. */
const firstPhase = (orientations: readonly StripOrientation[]): number =>
  Math.min(...orientations.map(({ phase }) => phase ?? 0));

/** No arrangement is shorter than its tallest item, or the last that is held, nor than all areas spread over the width, mm. */
function shortest(strip: Strip): number {
  const laid = strip.items.filter(({ isObstacle }) => !isObstacle);
  const area = laid.reduce((total, { shape }) => total + shape.area, 0);
  return Math.max(
    area / strip.width,
    ...laid.map(({ shape, held, orientations }) => (held ?? firstPhase(orientations)) + shape.height),
  );
}

/**
 * Shortens an arrangement again and again: the strip is cut, what then overlaps is parted by moving one item after the other to where it
 * overlaps least, and pairs that stay in each other's way weigh more. What `holds` refuses counts as a near miss. Endless and seeded by
 * `random`; each step is one move.
 */
export function* shorten(
  strip: Strip,
  cache: NoFitCache,
  random: () => number,
  holds: (positions: Positions) => boolean,
): Generator<ShortenStep, never> {
  const least = shortest(strip);
  const moving = overlapMinimiser(strip, cache, random);
  let best = boxStart(strip, random);
  yield { best, improved: true };
  /** What is being shortened: after a while without a shorter one, another start. */
  let current = best;
  let cut = CUT.first;
  let failures = 0;
  let idle = 0;
  let nearMisses: readonly NearMiss[] = [];
  while (best.length > least + 0.05) {
    const target = Math.max(least, current.length * (1 - cut));
    if (failures === 0) {
      nearMisses = [];
      moving.take(squeezed(strip, current, random() * current.length, current.length - target), target);
    } else {
      const pick = nearMisses[Math.floor(random() * random() * nearMisses.length)];
      moving.take(pick?.positions ?? current, target);
      moving.shake();
    }
    const parted = yield* part(moving, random, best);
    const found = moving.positions();
    if (parted.overlap === 0 && holds(found)) {
      if (failures === 0) cut = Math.min(CUT.first, 1.2 * cut);
      failures = 0;
      idle = 0;
      if (found.length < current.length) current = found;
      if (current.length < best.length - 1e-9) {
        best = copyPositions(current);
        yield { best, improved: true };
      }
      continue;
    }
    nearMisses = [...nearMisses, parted].sort((a, b) => a.overlap - b.overlap).slice(0, NEAR_MISSES);
    failures++;
    if (failures < triesAt(cut)) continue;
    failures = 0;
    if (cut === CUT.least) idle++;
    cut = Math.max(CUT.least, cut / 2);
    if (idle < IDLE) continue;
    idle = 0;
    cut = CUT.first;
    current = anyStart(strip, random);
  }
  for (;;) yield { best, improved: false };
}

/** What lies past a line, moved back over what is cut away there. */
function squeezed(strip: Strip, positions: Positions, line: number, by: number): Positions {
  const moved = copyPositions(positions);
  strip.items.forEach(({ shape, held }, index) => {
    if (held === null && moved.y[index]! + shape.height / 2 > line) moved.y[index]! -= by;
  });
  return moved;
}

/** Moves what overlaps until nothing does, or until rounds bring nothing any more; leaves the best it found in `moving`. */
function* part(
  moving: ReturnType<typeof overlapMinimiser>,
  random: () => number,
  best: Positions,
): Generator<ShortenStep, NearMiss> {
  moving.forgetWeights();
  let least: NearMiss = { positions: moving.positions(), overlap: moving.overlap() };
  for (let idle = 0; idle < PATIENCE && least.overlap > 0; idle++) {
    const queue = moving.overlapping();
    for (let last = queue.length - 1; last > 0; last--) {
      const other = Math.floor(random() * (last + 1));
      [queue[last], queue[other]] = [queue[other]!, queue[last]!];
    }
    for (const item of queue) {
      if (!moving.isOverlapping(item)) continue;
      moving.move(item);
      yield { best, improved: false };
    }
    const overlap = moving.overlap();
    if (overlap < 0.98 * least.overlap) idle = -1;
    if (overlap < least.overlap) least = { positions: moving.positions(), overlap };
    moving.weigh();
  }
  return least;
}
