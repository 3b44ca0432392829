import { FillRule, union } from 'clipper2-ts';
import { convolve, opposite, type Corners } from './minkowski.ts';
import { UNITS } from './shape.ts';
import { PITCH, windingsOf, type NodeGrid } from './windings.ts';

/** Slivers below this, in square units, are rounding noise of the union. */
const SLIVER = 100;

function twiceArea(ring: Corners): number {
  let sum = 0;
  for (let index = 0, last = ring.length - 2; index < ring.length; last = index, index += 2)
    sum += ring[last]! * ring[index + 1]! - ring[last + 1]! * ring[index]!;
  return sum;
}

/** All that the walks wind around more than zero times; with the axes swapped the union meets its sides in another order. */
function united(walks: readonly Corners[], swapped: boolean): readonly Corners[] {
  const [first, second] = swapped ? [1, 0] : [0, 1];
  const paths = walks.map((walk) => {
    const path = Array.from({ length: walk.length / 2 }, (_, index) => ({
      x: walk[2 * index + first]!,
      y: walk[2 * index + second]!,
    }));
    return swapped ? path.reverse() : path;
  });
  return union(paths, FillRule.Positive)
    .map((path) =>
      swapped ? [...path].reverse().flatMap(({ x, y }) => [y, x]) : path.flatMap(({ x, y }) => [x, y]),
    )
    .filter((ring) => Math.abs(twiceArea(ring)) > 2 * SLIVER);
}

/** Whether rings hold the same nodes as the walks that they were united from: once in some hundred pairs the union leaves one out. */
function holdSame(rings: readonly Corners[], walks: readonly Corners[], grid: NodeGrid): boolean {
  const [here, there] = [windingsOf(rings, grid), windingsOf(walks, grid)];
  return here.every((winding, node) => winding > 0 === there[node]! > 0);
}

function gridOver(walks: readonly Corners[]): NodeGrid {
  const box = { left: Infinity, right: -Infinity, top: Infinity, bottom: -Infinity };
  for (const walk of walks)
    for (let index = 0; index < walk.length; index += 2) {
      box.left = Math.min(box.left, walk[index]!);
      box.right = Math.max(box.right, walk[index]!);
      box.top = Math.min(box.top, walk[index + 1]!);
      box.bottom = Math.max(box.bottom, walk[index + 1]!);
    }
  const cells = (from: number, to: number) => Math.ceil((to - from) / UNITS / PITCH);
  return {
    x: box.left / UNITS + 0.4 * PITCH,
    y: box.top / UNITS + 0.4 * PITCH,
    columns: cells(box.left, box.right),
    rows: cells(box.top, box.bottom),
  };
}

/**
 * Where a shape, moved from the origin, would overlap one that stays: all places that the rings wind around more than zero times, holes
 * the other way round. Both shapes are flat rings of whole numbers with positive area.
 */
export function noFitRegion(fixed: Corners, moving: Corners): readonly Corners[] {
  const walks = convolve(fixed, opposite(moving));
  const rings = united(walks, false);
  return holdSame(rings, walks, gridOver(walks)) ? rings : united(walks, true);
}
