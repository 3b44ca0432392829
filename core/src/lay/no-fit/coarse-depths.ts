import type { NodeGrid } from './node-grid.ts';

/** The coarse look takes one node of so many, across and down. */
export const STRIDE = 2;

/** Every second node of a field, across and down: from the first or the second on, so that there are four such grids to a field. */
export interface CoarseDepths {
  readonly columns: number;
  readonly rows: number;
  /** Depths, column by column: cloth is longer than wide. */
  readonly depths: Float32Array;
  /** The first and last row of each column that lies inside; first > last where none does. */
  readonly first: Int16Array;
  readonly last: Int16Array;
}

function coarseFrom(depths: Float32Array, grid: NodeGrid, column: number, row: number): CoarseDepths {
  const columns = Math.ceil((grid.columns - column) / STRIDE);
  const rows = Math.ceil((grid.rows - row) / STRIDE);
  const taken = new Float32Array(columns * rows);
  const first = new Int16Array(columns).fill(1);
  const last = new Int16Array(columns);
  for (let across = 0; across < columns; across++)
    for (let down = 0; down < rows; down++) {
      const depth = depths[(row + STRIDE * down) * grid.columns + column + STRIDE * across]!;
      if (depth === 0) continue;
      taken[across * rows + down] = depth;
      if (first[across]! > last[across]!) first[across] = down;
      last[across] = down;
    }
  return { columns, rows, depths: taken, first, last };
}

/** The coarse grids of a field whose depths are given row by row; the one whose nodes start at (column, row) is at column · STRIDE + row. */
export const coarseDepths = (depths: Float32Array, grid: NodeGrid): CoarseDepths[] =>
  Array.from({ length: STRIDE * STRIDE }, (_, at) =>
    coarseFrom(depths, grid, Math.floor(at / STRIDE), at % STRIDE),
  );
