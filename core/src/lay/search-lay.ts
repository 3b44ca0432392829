import { boxOf, moveRing, type Ring } from '../geometry/ring.ts';
import { clothGrid } from './cloth-grid.ts';
import type { LayItem } from './layable.ts';
import { turnOutline, type OutlineState } from './outline-state.ts';
import { CELL, rasterise, type Raster } from './raster.ts';
import { seededRandom } from './seeded-random.ts';
import { pushTight } from './slide.ts';

/** An outline where the search put it: in mm from the bin's edge or fold, and from the start of the cloth. */
export interface Placed {
  readonly item: LayItem;
  readonly state: OutlineState;
  readonly ring: Ring;
}

export interface Arrangement {
  readonly placed: readonly Placed[];
  readonly length: number;
}

/** What one step of the search gives: the best arrangement so far, and whether this step found it. */
export interface SearchStep {
  readonly work: number;
  readonly best: Arrangement;
  readonly improved: boolean;
}

interface Turn {
  readonly state: OutlineState;
  readonly ring: Ring;
  readonly raster: Raster;
}

interface Candidate {
  /** Item indexes in the order in which they are laid. */
  readonly order: readonly number[];
  /** For each item, which of its states. */
  readonly turns: readonly number[];
}

/** Rounds of pushing: after three nothing moves that a hand would notice. */
const PUSHES = 3;
/** A candidate whose cells reach this many rows past the best may still win once it is pushed tight. */
const WORTH_PUSHING = 3;

function turnsOf(item: LayItem): Turn[] {
  return item.states.map((state) => {
    const ring = turnOutline(item.outline, state);
    return { state, ring, raster: rasterise(ring) };
  });
}

/** Lays the outlines one after the other, each as near to the start as it fits; returns their cells. */
function layCells(
  items: readonly LayItem[],
  turns: readonly Turn[][],
  candidate: Candidate,
  columns: number,
) {
  const grid = clothGrid(columns);
  let rows = 0;
  const cells = candidate.order.map((index) => {
    const turn = turns[index]?.[candidate.turns[index] ?? 0];
    if (!turn) throw new Error('every outline has a state');
    const place = grid.firstFit(turn.raster, items[index]?.atFold ? 0 : undefined);
    grid.take(turn.raster, place.row, place.column);
    rows = Math.max(rows, place.row + turn.raster.rows.length);
    return { index, turn, ...place };
  });
  return { cells, rows };
}

function tighten(items: readonly LayItem[], cells: ReturnType<typeof layCells>['cells']): Arrangement {
  const loose = cells.map(({ index, turn, row, column }) => {
    const box = boxOf(turn.ring);
    return {
      ring: moveRing(turn.ring, column * CELL - box.minX, row * CELL - box.minY),
      atFold: items[index]?.atFold ?? false,
    };
  });
  const rings = pushTight(loose, PUSHES);
  const placed = cells.flatMap(({ index, turn }, at) => {
    const [item, ring] = [items[index], rings[at]];
    return item && ring ? [{ item, state: turn.state, ring }] : [];
  });
  return { placed, length: Math.max(...rings.map((ring) => boxOf(ring).maxY)) };
}

function varied(candidate: Candidate, items: readonly LayItem[], random: () => number): Candidate {
  const order = [...candidate.order];
  const turns = [...candidate.turns];
  const pick = () => Math.floor(random() * order.length);
  if (random() < 0.6) {
    const [moved] = order.splice(pick(), 1);
    if (moved !== undefined) order.splice(pick(), 0, moved);
  }
  if (random() < 0.6) {
    const item = pick();
    turns[item] = Math.floor(random() * (items[item]?.states.length ?? 1));
  }
  return { order, turns };
}

/** Whether every outline fits across a bin of this width, mm. */
export const fitsAcross = (items: readonly LayItem[], width: number): boolean =>
  items.every(({ outline }) => {
    const box = boxOf(outline);
    return Math.floor((box.maxX - box.minX) / CELL) + 1 <= Math.floor(width / CELL);
  });

/**
 * Searches for a short arrangement in a bin of `width` mm: outlines are laid as cells in an order that a hill climb
 * varies, then pushed tight on their true outlines. Seeded and endless; the caller stops it. One step is one unit of
 * work, the same on every machine. All items must fit across.
 */
export function* searchLay(
  items: readonly LayItem[],
  width: number,
  seed: number,
): Generator<SearchStep, never> {
  const random = seededRandom(seed);
  const turns = items.map(turnsOf);
  const columns = Math.floor(width / CELL);
  const byArea = items.map((_, index) => index).sort((a, b) => (items[b]?.area ?? 0) - (items[a]?.area ?? 0));
  let current: Candidate = { order: byArea, turns: items.map(() => 0) };
  const first = layCells(items, turns, current, columns);
  let currentRows = first.rows;
  let bestRows = first.rows;
  let best = tighten(items, first.cells);
  yield { work: 1, best, improved: true };
  for (let work = 2; ; work++) {
    const candidate = varied(current, items, random);
    const { cells, rows } = layCells(items, turns, candidate, columns);
    let improved = false;
    if (rows <= bestRows + WORTH_PUSHING) {
      const arrangement = tighten(items, cells);
      improved = arrangement.length < best.length - 0.01;
      if (improved) best = arrangement;
    }
    if (rows <= currentRows || random() < 0.02) {
      current = candidate;
      currentRows = rows;
    }
    bestRows = Math.min(bestRows, rows);
    yield { work, best, improved };
  }
}
