import type { Corners } from './minkowski.ts';
import { UNITS } from './shape.ts';

/** Distance between the nodes of a grid, mm: fine enough that every gap a piece fits in has a low place near it. */
export const GRID_STEP = 20;

/** Nodes row by row from the first at (x, y), mm. */
export interface NodeGrid {
  readonly x: number;
  readonly y: number;
  readonly columns: number;
  readonly rows: number;
}

/** Rows are looked at a hair below their nodes, so that none goes through a corner. */
export const HAIR = 1e-7;

/** Which nodes the cycles wind around more than zero times: 1, else 0. */
export function insideOf(cycles: readonly Corners[], { x, y, columns, rows }: NodeGrid): Uint8Array {
  const turns = new Int16Array(columns * rows);
  for (const cycle of cycles)
    for (let index = 0, before = cycle.length - 2; index < cycle.length; before = index, index += 2) {
      const [ax, ay] = [cycle[before]! / UNITS, cycle[before + 1]! / UNITS];
      const [bx, by] = [cycle[index]! / UNITS, cycle[index + 1]! / UNITS];
      if (ay === by) continue;
      const sense = by > ay ? -1 : 1;
      const from = Math.max(0, Math.ceil((Math.min(ay, by) - HAIR - y) / GRID_STEP));
      const to = Math.min(rows - 1, Math.floor((Math.max(ay, by) - HAIR - y) / GRID_STEP));
      for (let row = from; row <= to; row++) {
        const level = y + row * GRID_STEP + HAIR;
        if (ay > level === by > level) continue;
        const crossing = ax + ((bx - ax) * (level - ay)) / (by - ay);
        const column = Math.max(0, Math.ceil((crossing - x) / GRID_STEP));
        if (column < columns) turns[row * columns + column]! += sense;
      }
    }
  const inside = new Uint8Array(columns * rows);
  for (let row = 0; row < rows; row++)
    for (let column = 0, winding = 0; column < columns; column++) {
      winding += turns[row * columns + column]!;
      if (winding > 0) inside[row * columns + column] = 1;
    }
  return inside;
}
