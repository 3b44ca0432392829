/** A closed polygon of whole numbers, flat [x0, y0, x1, y1 …], positive area; no two corners alike, none straight. */
export type Corners = readonly number[];

/** The sides of a polygon as vectors, flat. */
function sides(polygon: Corners): Float64Array {
  const count = polygon.length;
  return Float64Array.from(polygon, (value, index) => polygon[(index + 2) % count]! - value);
}

/** Whether a direction lies within the turn from one side to the next; at its bounds only at the one that is `closed`. */
function isWithinTurn(
  [ix, iy]: readonly [number, number],
  [ox, oy]: readonly [number, number],
  x: number,
  y: number,
  closed: 'first' | 'last',
): boolean {
  const [after, before] = [ix * y - iy * x, x * oy - y * ox];
  return closed === 'first' ? after >= 0 && before > 0 : after > 0 && before >= 0;
}

/**
 * Closed cycles around which the sum of two polygons winds: a point is a sum of an inner point of each just where the cycles wind
 * around it more than zero times. Each corner of one is paired with the sides of the other whose direction lies within its turn; at a
 * hollow corner they are walked backwards. Source of the method: convolution of polygonal tracings (Guibas, Ramshaw and Stolfi 1983,
 * from memory).
 */
export function convolve(a: Corners, b: Corners): number[][] {
  const [aSides, bSides] = [sides(a), sides(b)];
  const [aCount, bCount] = [a.length / 2, b.length / 2];
  const from: number[] = [];
  const to: number[] = [];
  const pairCorners = (
    turning: Float64Array,
    passing: Float64Array,
    node: (corner: number, side: number) => number,
    closed: 'first' | 'last',
  ) => {
    const [corners, passes] = [turning.length / 2, passing.length / 2];
    for (let corner = 0; corner < corners; corner++) {
      const before = (corner + corners - 1) % corners;
      const into = [turning[2 * before]!, turning[2 * before + 1]!] as const;
      const out = [turning[2 * corner]!, turning[2 * corner + 1]!] as const;
      const isRound = into[0] * out[1] - into[1] * out[0] > 0;
      const [first, last] = isRound ? [into, out] : [out, into];
      for (let side = 0; side < passes; side++) {
        if (!isWithinTurn(first, last, passing[2 * side]!, passing[2 * side + 1]!, closed)) continue;
        const [start, end] = [node(corner, side), node(corner, (side + 1) % passes)];
        from.push(isRound ? start : end);
        to.push(isRound ? end : start);
      }
    }
  };
  pairCorners(aSides, bSides, (corner, side) => corner * bCount + side, 'first');
  pairCorners(bSides, aSides, (corner, side) => side * bCount + corner, 'last');
  return closedCycles(from, to, aCount * bCount).map((cycle) =>
    cycle.flatMap((node) => {
      const [i, k] = [2 * Math.floor(node / bCount), 2 * (node % bCount)];
      return [a[i]! + b[k]!, a[i + 1]! + b[k + 1]!];
    }),
  );
}

/** All arrows as closed cycles: at every node as many arrive as leave. */
function closedCycles(from: readonly number[], to: readonly number[], nodes: number): number[][] {
  const head = new Int32Array(nodes).fill(-1);
  const next = new Int32Array(from.length);
  from.forEach((node, arrow) => {
    next[arrow] = head[node]!;
    head[node] = arrow;
  });
  return from.flatMap((start) => {
    const cycles: number[][] = [];
    while (head[start]! >= 0) {
      const cycle: number[] = [];
      let node = start;
      do {
        const arrow = head[node]!;
        if (arrow < 0) throw new Error('a cycle that does not close: a polygon has a spike');
        cycle.push(node);
        head[node] = next[arrow]!;
        node = to[arrow]!;
      } while (node !== start);
      cycles.push(cycle);
    }
    return cycles;
  });
}

/** The same polygon through the origin: a shape that moves about another traces the sum of that one and its opposite. */
export const opposite = (polygon: Corners): number[] => polygon.map((value) => -value);
