import { boxOf, moveRing, type Ring } from '../geometry/ring.ts';
import { clothGrid, type Columns } from './cloth-grid.ts';
import type { LayItem } from './layable.ts';
import { turnOutline, type OutlineState } from './outline-state.ts';
import { CELL, rasterise, type Raster } from './raster.ts';
import { seededRandom } from './seeded-random.ts';
import { pushTight } from './slide.ts';
import type { Spread, SpreadTask } from './spread.ts';

/** An outline where the search put it: in mm from the fold or the edge of open cloth, and from the start of the cloth. */
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

/** The columns in which an outline may start: its zone's, or only the fold's. */
function columnsFor(item: LayItem, spread: Spread, raster: Raster): Columns {
  const zone = spread[item.zone];
  if (!zone) throw new Error(`${item.piece} has no ${item.zone} cloth to lie on`);
  const first = Math.ceil(zone.from / CELL);
  return { first, last: item.atFold ? first : Math.floor(zone.to / CELL) - raster.columns };
}

/** Lays the outlines one after the other, each as near to the start as it fits; returns their cells. */
function layCells(items: readonly LayItem[], spread: Spread, turns: readonly Turn[][], candidate: Candidate) {
  const grid = clothGrid(Math.floor(Math.max(spread.double?.to ?? 0, spread.single?.to ?? 0) / CELL));
  let rows = 0;
  const cells = candidate.order.map((index) => {
    const [item, turn] = [items[index], turns[index]?.[candidate.turns[index] ?? 0]];
    if (!item || !turn) throw new Error('every outline has a state');
    const place = grid.firstFit(turn.raster, columnsFor(item, spread, turn.raster));
    grid.take(turn.raster, place.row, place.column);
    rows = Math.max(rows, place.row + turn.raster.rows.length);
    return { item, turn, ...place };
  });
  return { cells, rows };
}

function tighten(spread: Spread, cells: ReturnType<typeof layCells>['cells']): Arrangement {
  const loose = cells.map(({ item, turn, row, column }) => {
    const box = boxOf(turn.ring);
    return {
      ring: moveRing(turn.ring, column * CELL - box.minX, row * CELL - box.minY),
      atFold: item.atFold,
      least: spread[item.zone]?.from ?? 0,
    };
  });
  const rings = pushTight(loose, PUSHES);
  const placed = cells.flatMap(({ item, turn }, at) => {
    const ring = rings[at];
    return ring ? [{ item, state: turn.state, ring }] : [];
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

/**
 * Searches for a short arrangement on cloth as it is spread: outlines are laid as cells in an order that a hill climb
 * varies, then pushed tight on their true outlines. Seeded and endless; the caller stops it. One step is one unit of
 * work, the same on every machine. All items must fit across their zones.
 */
export function* searchLay({ items, spread }: SpreadTask, seed: number): Generator<SearchStep, never> {
  const random = seededRandom(seed);
  const turns = items.map(turnsOf);
  const byArea = items.map((_, index) => index).sort((a, b) => (items[b]?.area ?? 0) - (items[a]?.area ?? 0));
  let current: Candidate = { order: byArea, turns: items.map(() => 0) };
  const first = layCells(items, spread, turns, current);
  let currentRows = first.rows;
  let bestRows = first.rows;
  let best = tighten(spread, first.cells);
  yield { work: 1, best, improved: true };
  for (let work = 2; ; work++) {
    const candidate = varied(current, items, random);
    const { cells, rows } = layCells(items, spread, turns, candidate);
    let improved = false;
    if (rows <= bestRows + WORTH_PUSHING) {
      const arrangement = tighten(spread, cells);
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
