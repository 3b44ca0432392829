import type { Corners } from './minkowski.ts';
import { UNITS } from './shape.ts';

/** Distance between the nodes of a grid, mm: fine enough that every gap a piece fits in has a low place near it. */
export const PITCH = 20;

/** Nodes row by row from the first at (x, y), mm. */
export interface NodeGrid {
  readonly x: number;
  readonly y: number;
  readonly columns: number;
  readonly rows: number;
}

/** Rows are looked at a hair below their nodes, so that none goes through a corner. */
export const HAIR = 1e-7;

/** Which nodes the walks wind around more than zero times: 1, else 0. */
export function insideOf(walks: readonly Corners[], { x, y, columns, rows }: NodeGrid): Uint8Array {
  const turns = new Int16Array(columns * rows);
  for (const walk of walks)
    for (let index = 0, before = walk.length - 2; index < walk.length; before = index, index += 2) {
      const [ax, ay] = [walk[before]! / UNITS, walk[before + 1]! / UNITS];
      const [bx, by] = [walk[index]! / UNITS, walk[index + 1]! / UNITS];
      if (ay === by) continue;
      const sense = by > ay ? -1 : 1;
      const from = Math.max(0, Math.ceil((Math.min(ay, by) - HAIR - y) / PITCH));
      const to = Math.min(rows - 1, Math.floor((Math.max(ay, by) - HAIR - y) / PITCH));
      for (let row = from; row <= to; row++) {
        const level = y + row * PITCH + HAIR;
        if (ay > level === by > level) continue;
        const crossing = ax + ((bx - ax) * (level - ay)) / (by - ay);
        const column = Math.max(0, Math.ceil((crossing - x) / PITCH));
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
