import type { Raster } from './raster.ts';

/** The columns in which a raster may start: from the first to the last, both included. */
export interface Columns {
  readonly first: number;
  readonly last: number;
}

/** The cloth as rows of cells. Each free cell knows where the next taken one is, each taken one where its run ends. */
export interface ClothGrid {
  /** The first cell (row, then column) where the raster fits within some columns, from the start of the cloth. */
  firstFit(raster: Raster, within: Columns): { row: number; column: number };
  take(raster: Raster, row: number, column: number): void;
}

/** One row of cells, with what a search asks of it worked out whenever a piece takes part of it. */
class Row {
  readonly taken: Uint8Array;
  readonly nextTaken: Int32Array;
  readonly runEnd: Int32Array;

  constructor(columns: number) {
    this.taken = new Uint8Array(columns);
    this.nextTaken = new Int32Array(columns + 1).fill(columns);
    this.runEnd = new Int32Array(columns + 1);
  }

  refresh(): void {
    const columns = this.taken.length;
    let next = columns;
    let end = columns;
    for (let column = columns - 1; column >= 0; column--) {
      if (this.taken[column]) {
        if (!this.taken[column + 1]) end = column + 1;
        next = column;
        this.runEnd[column] = end;
      }
      this.nextTaken[column] = next;
    }
  }
}

export function clothGrid(columns: number): ClothGrid {
  const rows: Row[] = [];

  /** The next column at or after `column` that is worth trying in this row of cloth, or `column` itself when it fits. */
  const nextTry = (raster: Raster, row: number, column: number): number => {
    for (let index = 0; index < raster.rows.length; index++) {
      const cloth = rows[row + index];
      if (!cloth) break;
      for (const [from, to] of raster.rows[index] ?? []) {
        const taken = cloth.nextTaken[column + from] ?? columns;
        if (taken < column + to) return Math.max(column + 1, (cloth.runEnd[taken] ?? taken + 1) - from);
      }
    }
    return column;
  };

  return {
    firstFit(raster, { first, last }) {
      for (let row = 0; ; row++) {
        for (let column = first; column <= last;) {
          const next = nextTry(raster, row, column);
          if (next === column) return { row, column };
          column = next;
        }
      }
    },
    take(raster, row, column) {
      // Rows exist from the first on without a gap: past the last one all cloth is free.
      while (rows.length < row + raster.rows.length) rows.push(new Row(columns));
      raster.rows.forEach((runs, index) => {
        const cloth = rows[row + index];
        if (!cloth) return;
        for (const [from, to] of runs) cloth.taken.fill(1, column + from, column + to);
        cloth.refresh();
      });
    },
  };
}
