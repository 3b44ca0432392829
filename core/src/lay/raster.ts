import { boxOf, sidesOf, type Ring } from '../geometry/ring.ts';

/** Runs of cells [from, to) that an outline covers or touches, row by row, from its box's corner. */
export interface Raster {
  readonly rows: readonly (readonly (readonly [number, number])[])[];
  readonly columns: number;
}

/** Side of a cell in mm: fine enough that the push afterwards closes what it leaves, coarse enough to search quickly. */
export const CELL = 5;

type Run = [number, number];

/** Runs in mm as runs of cells. Rounding noise must not lead out of the box: a cell before the first would be taken for free. */
function merged(runs: readonly Run[], columns: number): Run[] {
  const sorted = runs
    .map(([from, to]): Run => [
      Math.max(0, Math.floor(from / CELL)),
      Math.min(columns, Math.floor(to / CELL) + 1),
    ])
    .sort((a, b) => a[0] - b[0]);
  const result: Run[] = [];
  for (const run of sorted) {
    const last = result.at(-1);
    if (last && run[0] <= last[1]) last[1] = Math.max(last[1], run[1]);
    else result.push([...run]);
  }
  return result;
}

/**
 * Every cell that the outline touches, so that outlines whose cells are apart cannot overlap. Within one row the
 * outline covers what it covers at the row's two bounds, and whatever its sides sweep between them.
 */
export function rasterise(ring: Ring): Raster {
  const box = boxOf(ring);
  const columns = Math.floor((box.maxX - box.minX) / CELL) + 1;
  const sides = sidesOf(ring).map(([a, b]) => ({
    ax: a.x - box.minX,
    ay: a.y - box.minY,
    bx: b.x - box.minX,
    by: b.y - box.minY,
  }));
  const xAt = (side: (typeof sides)[number], y: number) =>
    side.ax + ((side.bx - side.ax) * (y - side.ay)) / (side.by - side.ay);
  const insideAt = (y: number): Run[] => {
    const crossings = sides
      .filter(({ ay, by }) => ay < y !== by < y)
      .map((side) => xAt(side, y))
      .sort((p, q) => p - q);
    return Array.from({ length: Math.floor(crossings.length / 2) }, (_, index): Run => [
      crossings[2 * index] ?? 0,
      crossings[2 * index + 1] ?? 0,
    ]);
  };
  const rows = Array.from({ length: Math.floor((box.maxY - box.minY) / CELL) + 1 }, (_, row) => {
    const [top, bottom] = [row * CELL, (row + 1) * CELL];
    const swept = sides
      .filter(({ ay, by }) => Math.max(ay, by) >= top && Math.min(ay, by) <= bottom)
      .map((side): Run => {
        if (side.ay === side.by) return [Math.min(side.ax, side.bx), Math.max(side.ax, side.bx)];
        const clip = (y: number) =>
          Math.min(Math.max(y, Math.min(side.ay, side.by)), Math.max(side.ay, side.by));
        const [p, q] = [xAt(side, clip(top)), xAt(side, clip(bottom))];
        return [Math.min(p, q), Math.max(p, q)];
      });
    return merged([...swept, ...insideAt(top), ...insideAt(bottom)], columns);
  });
  return { rows, columns };
}
