import { coarseDepths, type CoarseDepths } from './coarse-depths.ts';
import { UNITS } from './shape.ts';
import { HAIR, insideOf, GRID_STEP, type NodeGrid } from './node-grid.ts';
import type { Corners } from './minkowski.ts';
import { regionSides } from './region-sides.ts';

/**
 * How deep a shape lies in another, by where it stands to it: the way out of their no-fit region, in mm. Nodes on a grid know it
 * beforehand; between them it is measured to the few sides that can be the nearest.
 */
export interface DepthField extends NodeGrid {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** Depths at the nodes, for a look over all of them. */
  readonly coarse: readonly CoarseDepths[];
  /** 1 at each node inside the region, else 0. */
  readonly inside: Uint8Array;
  /** Whether each cell is outside, inside or passed by a side; a cell goes from its node to the next right and down. */
  readonly cells: Uint8Array;
  /** Sides that may be nearest to a place in a cell; first those that pass it, up to `passing`, then the others. */
  readonly start: Int32Array;
  readonly passing: Int32Array;
  readonly near: Int16Array;
  /** Six numbers to a side: where it starts, its vector, one over its length squared, and its weight. */
  readonly sides: Float64Array;
}

const OUTSIDE = 0;
const PASSED = 1;
const INSIDE = 2;
const STRIDE = 6;

const numbersOf = (cycles: readonly Corners[]): Float64Array =>
  Float64Array.from(
    regionSides(cycles).flatMap(({ weight, ...side }) => {
      const [ax, ay, dx, dy] = [side.ax / UNITS, side.ay / UNITS, side.dx / UNITS, side.dy / UNITS];
      return [ax, ay, dx, dy, 1 / (dx * dx + dy * dy), weight];
    }),
  );

/** Squared distance from a place to a side. */
function squaredTo(sides: Float64Array, side: number, x: number, y: number): number {
  const at = side * STRIDE;
  const px = x - sides[at]!;
  const py = y - sides[at + 1]!;
  const dx = sides[at + 2]!;
  const dy = sides[at + 3]!;
  let t = (px * dx + py * dy) * sides[at + 4]!;
  if (t < 0) t = 0;
  else if (t > 1) t = 1;
  const rx = px - t * dx;
  const ry = py - t * dy;
  return rx * rx + ry * ry;
}

/** How far before the region the nodes begin, in cells: a node on a straight side would be neither inside nor out. */
const OFF_SIDES = { x: 0.618, y: 0.557 };

/** The sides that pass each cell. */
function passingSides(
  sides: Float64Array,
  x: number,
  y: number,
  columns: number,
  rows: number,
): Map<number, number[]> {
  const passing = new Map<number, number[]>();
  for (let side = 0; side * STRIDE < sides.length; side++) {
    const at = side * STRIDE;
    const [ax, ay, dx, dy] = [sides[at]!, sides[at + 1]!, sides[at + 2]!, sides[at + 3]!];
    const [top, bottom] = [Math.min(ay, ay + dy), Math.max(ay, ay + dy)];
    const lastRow = Math.min(rows - 2, Math.floor((bottom - y) / GRID_STEP + HAIR));
    for (let row = Math.max(0, Math.floor((top - y) / GRID_STEP - HAIR)); row <= lastRow; row++) {
      let [s, t] = [0, 1];
      if (Math.abs(dy) > 1e-9) {
        const [p, q] = [(y + row * GRID_STEP - ay) / dy, (y + (row + 1) * GRID_STEP - ay) / dy];
        s = Math.max(0, Math.min(p, q));
        t = Math.min(1, Math.max(p, q));
        if (s > t + HAIR) continue;
      }
      const [p, q] = [ax + dx * s, ax + dx * t];
      const lastColumn = Math.min(columns - 2, Math.floor((Math.max(p, q) - x) / GRID_STEP + HAIR));
      for (
        let column = Math.max(0, Math.floor((Math.min(p, q) - x) / GRID_STEP - HAIR));
        column <= lastColumn;
        column++
      ) {
        const cell = row * columns + column;
        const known = passing.get(cell);
        if (known) known.push(side);
        else passing.set(cell, [side]);
      }
    }
  }
  return passing;
}

/**
 * The side nearest to each inner node: known at cells that a side passes, and handed on from node to node, there and back.
 */
function nearestSides(
  sides: Float64Array,
  inside: Uint8Array,
  passing: ReadonlyMap<number, readonly number[]>,
  { x, y, columns, rows }: NodeGrid,
): Int16Array {
  const nearest = new Int16Array(columns * rows).fill(-1);
  const squared = new Float64Array(columns * rows).fill(Infinity);
  const offer = (node: number, column: number, row: number, side: number) => {
    const distance = squaredTo(sides, side, x + column * GRID_STEP, y + row * GRID_STEP);
    if (distance >= squared[node]!) return;
    squared[node] = distance;
    nearest[node] = side;
  };
  for (const [cell, passes] of passing) {
    const [row, column] = [Math.floor(cell / columns), cell % columns];
    for (const side of passes)
      for (const [right, down] of CORNERS)
        offer(cell + right + down * columns, column + right, row + down, side);
  }
  const handOn = (row: number, column: number, neighbours: Int32Array) => {
    const node = row * columns + column;
    if (inside[node] === 0) return;
    for (let index = 0; index < neighbours.length; index++) {
      const side = nearest[node + neighbours[index]!]!;
      if (side >= 0 && side !== nearest[node]) offer(node, column, row, side);
    }
  };
  const above = Int32Array.of(-1, -columns - 1, -columns, 1 - columns);
  const below = Int32Array.of(1, columns + 1, columns, columns - 1);
  const [toLeft, toRight] = [Int32Array.of(-1), Int32Array.of(1)];
  for (let row = 1; row < rows - 1; row++) {
    for (let column = 1; column < columns - 1; column++) handOn(row, column, above);
    for (let column = columns - 2; column > 0; column--) handOn(row, column, toRight);
  }
  for (let row = rows - 2; row > 0; row--) {
    for (let column = columns - 2; column > 0; column--) handOn(row, column, below);
    for (let column = 1; column < columns - 1; column++) handOn(row, column, toLeft);
  }
  return nearest;
}

const CORNERS = [
  [0, 0],
  [1, 0],
  [0, 1],
  [1, 1],
] as const;

/** The field of the region that closed cycles wind around more than zero times, in hundredths of a mm. */
export function depthField(cycles: readonly Corners[]): DepthField {
  const sides = numbersOf(cycles);
  const bounds = { left: Infinity, right: -Infinity, top: Infinity, bottom: -Infinity };
  for (let at = 0; at < sides.length; at += STRIDE) {
    const [ax, ay, dx, dy] = [sides[at]!, sides[at + 1]!, sides[at + 2]!, sides[at + 3]!];
    bounds.left = Math.min(bounds.left, ax, ax + dx);
    bounds.right = Math.max(bounds.right, ax, ax + dx);
    bounds.top = Math.min(bounds.top, ay, ay + dy);
    bounds.bottom = Math.max(bounds.bottom, ay, ay + dy);
  }
  const [x, y] = [bounds.left - OFF_SIDES.x * GRID_STEP, bounds.top - OFF_SIDES.y * GRID_STEP];
  const columns = Math.ceil((bounds.right - x) / GRID_STEP) + 2;
  const rows = Math.ceil((bounds.bottom - y) / GRID_STEP) + 2;
  const inside = insideOf(cycles, { x, y, columns, rows });
  const passing = passingSides(sides, x, y, columns, rows);

  const nearest = nearestSides(sides, inside, passing, { x, y, columns, rows });
  const depths = new Float32Array(columns * rows);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const node = row * columns + column;
      if (nearest[node]! < 0 || inside[node] === 0) continue;
      depths[node] = Math.sqrt(squaredTo(sides, nearest[node]!, x + column * GRID_STEP, y + row * GRID_STEP));
    }

  const cells = new Uint8Array(columns * rows);
  const start = new Int32Array(columns * rows + 1);
  const passingEnd = new Int32Array(columns * rows);
  const near: number[] = [];
  for (let cell = 0; cell < columns * rows; cell++) {
    start[cell] = near.length;
    passingEnd[cell] = near.length;
    const isLast = cell % columns === columns - 1 || cell >= columns * (rows - 1);
    if (isLast) continue;
    const passes = passing.get(cell);
    cells[cell] = passes ? PASSED : inside[cell] === 1 ? INSIDE : OUTSIDE;
    if (cells[cell] === OUTSIDE) continue;
    if (passes) near.push(...passes);
    passingEnd[cell] = near.length;
    for (let corner = 0; corner < 4; corner++) {
      const side = nearest[cell + (corner & 1) + (corner >> 1) * columns]!;
      if (side >= 0 && near.indexOf(side, start[cell]) < 0) near.push(side);
    }
  }
  start[columns * rows] = near.length;
  return {
    ...bounds,
    x,
    y,
    columns,
    rows,
    coarse: coarseDepths(depths, { x, y, columns, rows }),
    inside,
    cells,
    start,
    passing: passingEnd,
    near: Int16Array.from(near),
    sides,
  };
}

/** How deep a place lies in the region, mm; 0 outside it. */
export function depthAt(field: DepthField, x: number, y: number): number {
  if (x <= field.left || x >= field.right || y <= field.top || y >= field.bottom) return 0;
  const column = ((x - field.x) / GRID_STEP) | 0;
  const row = ((y - field.y) / GRID_STEP) | 0;
  const cell = row * field.columns + column;
  const kind = field.cells[cell]!;
  if (kind === OUTSIDE) return 0;
  const { sides, near } = field;
  const end = field.start[cell + 1]!;
  if (kind === PASSED && !isInside(field, cell, column, row, x, y)) return 0;
  let best = Infinity;
  for (let index = field.start[cell]!; index < end; index++) {
    const at = near[index]! * STRIDE;
    const px = x - sides[at]!;
    const py = y - sides[at + 1]!;
    const dx = sides[at + 2]!;
    const dy = sides[at + 3]!;
    let t = (px * dx + py * dy) * sides[at + 4]!;
    if (t < 0) t = 0;
    else if (t > 1) t = 1;
    const rx = px - t * dx;
    const ry = py - t * dy;
    const squared = rx * rx + ry * ry;
    if (squared < best) best = squared;
  }
  return Math.sqrt(best);
}

/** By the sides between a place and the corner of its cell, of which it is known. */
function isInside(
  field: DepthField,
  cell: number,
  column: number,
  row: number,
  x: number,
  y: number,
): boolean {
  const { sides, near } = field;
  const cornerX = field.x + column * GRID_STEP;
  const cornerY = field.y + row * GRID_STEP + HAIR;
  const [ux, uy] = [x - cornerX, y - cornerY];
  let winding = field.inside[cell]!;
  const end = field.passing[cell]!;
  for (let index = field.start[cell]!; index < end; index++) {
    const at = near[index]! * STRIDE;
    const px = sides[at]! - cornerX;
    const py = sides[at + 1]! - cornerY;
    const dx = sides[at + 2]!;
    const dy = sides[at + 3]!;
    const fromStart = ux * py - uy * px > 0;
    if (fromStart === ux * (py + dy) - uy * (px + dx) > 0) continue;
    const ofCorner = dy * px - dx * py > 0;
    const ofPlace = dx * (y - sides[at + 1]!) - dy * (x - sides[at]!) > 0;
    if (ofCorner !== ofPlace) winding += ofPlace ? sides[at + 5]! : -sides[at + 5]!;
  }
  return winding > 0.5;
}
