import { STRIDE } from '../no-fit/coarse-depths.ts';
import { depthAt, type DepthField } from '../no-fit/depth-field.ts';
import type { PairField } from '../no-fit/no-fit-cache.ts';
import { GRID_STEP } from '../no-fit/node-grid.ts';

/** Low places of it that are measured. */
const MEASURED = 6;

/** All other items as the one in hand meets them. Filled anew for every item and orientation; one for a search. */
export interface Neighbours {
  clear(): void;
  /** Another item at (x, y), whose overlap weighs so much. */
  add(pair: PairField, x: number, y: number, weight: number): void;
  /** Costs are asked for no further than `reach` mm from a place until it is said again, across or down: the others are left out. */
  keepTo(x: number, y: number, reach: number): void;
  /** The weighed overlap at a place, mm; as soon as it reaches `enough` it is not counted further. */
  costAt(x: number, y: number, enough: number): number;
  /** The lowest places over the whole strip by some nodes of all fields, as [x, y, …]. */
  lowPlaces(left: number, right: number, bottom: number): number[];
}

/** Adds depths, weighed, to a column of sums: onwards, or back from the first. Loops of their own, since it is much of the work. */
function addColumn(
  sums: Float32Array,
  to: number,
  depths: Float32Array,
  from: number,
  down: number,
  count: number,
  weight: number,
): void {
  if (down > 0) for (let at = 0; at < count; at++) sums[to + at]! += weight * depths[from + at]!;
  else for (let at = 0; at < count; at++) sums[to + at]! += weight * depths[from - at]!;
}

// eslint-disable-next-line max-lines-per-function -- One search asks its costs millions of times: what it holds are typed arrays that its parts share.
export function neighbours(most: number, random: () => number): Neighbours {
  const fields: DepthField[] = [];
  const turnX = new Float64Array(most);
  const turnY = new Float64Array(most);
  const shiftX = new Float64Array(most);
  const shiftY = new Float64Array(most);
  const pairWeights = new Float64Array(most);

  /** Which of the fields are looked at for a cost. */
  const kept = new Int32Array(most);
  let keptCount = 0;
  const keepTo = (placeX: number, placeY: number, reach: number): void => {
    keptCount = 0;
    for (let at = 0; at < fields.length; at++) {
      const field = fields[at]!;
      const inX = turnX[at]! * placeX + shiftX[at]!;
      if (inX <= field.left - reach || inX >= field.right + reach) continue;
      const inY = turnY[at]! * placeY + shiftY[at]!;
      if (inY <= field.top - reach || inY >= field.bottom + reach) continue;
      kept[keptCount++] = at;
    }
  };

  const costAt = (placeX: number, placeY: number, enough: number): number => {
    let cost = 0;
    for (let index = 0; index < keptCount; index++) {
      const at = kept[index]!;
      const field = fields[at]!;
      const inX = turnX[at]! * placeX + shiftX[at]!;
      if (inX <= field.left || inX >= field.right) continue;
      const inY = turnY[at]! * placeY + shiftY[at]!;
      if (inY <= field.top || inY >= field.bottom) continue;
      cost += pairWeights[at]! * depthAt(field, inX, inY);
      if (cost >= enough) return cost;
    }
    return cost;
  };

  let sums = new Float32Array(0);
  const lowest = new Float64Array(MEASURED);
  const lowestAt = new Int32Array(MEASURED);
  // eslint-disable-next-line max-lines-per-function -- The inner loops of the search, over arrays that are filled once.
  const lowPlaces = (left: number, right: number, bottom: number): number[] => {
    const nodesAcross = Math.floor((right - left) / GRID_STEP + 1e-9) + 1;
    const nodesDown = Math.floor(bottom / GRID_STEP + 1e-9) + 1;
    // Every other node, from another one each time, finds nearly as low places for a quarter of the work.
    const firstColumn = Math.floor(Math.min(STRIDE, nodesAcross) * random());
    const firstRow = Math.floor(Math.min(STRIDE, nodesDown) * random());
    const columns = Math.ceil((nodesAcross - firstColumn) / STRIDE);
    const rows = Math.ceil((nodesDown - firstRow) / STRIDE);
    if (sums.length < columns * rows) sums = new Float32Array(Math.ceil(1.3 * columns * rows));
    const sum = sums;
    sum.fill(0, 0, columns * rows);
    for (let at = 0; at < fields.length; at++) {
      const field = fields[at]!;
      const sense = turnX[at]! > 0 ? 1 : -1;
      const down = turnY[at]! > 0 ? 1 : -1;
      const column =
        Math.round((turnX[at]! * left + shiftX[at]! - field.x) / GRID_STEP) + sense * firstColumn;
      const row = Math.round((shiftY[at]! - field.y) / GRID_STEP) + down * firstRow;
      // STRIDE is a power of two, so that this holds before the first node too.
      const [besideColumn, besideRow] = [column & (STRIDE - 1), row & (STRIDE - 1)];
      const coarse = field.coarse[besideColumn * STRIDE + besideRow]!;
      const [fieldColumn, fieldRow] = [(column - besideColumn) / STRIDE, (row - besideRow) / STRIDE];
      const weight = pairWeights[at]!;
      const start = Math.max(0, sense > 0 ? -fieldColumn : fieldColumn - coarse.columns + 1);
      const end = Math.min(columns - 1, sense > 0 ? coarse.columns - 1 - fieldColumn : fieldColumn);
      for (let across = start; across <= end; across++) {
        const taken = fieldColumn + sense * across;
        const first = coarse.first[taken]!;
        const last = coarse.last[taken]!;
        if (first > last) continue;
        const from = Math.max(0, down > 0 ? first - fieldRow : fieldRow - last);
        const to = Math.min(rows - 1, down > 0 ? last - fieldRow : fieldRow - first);
        if (from > to) continue;
        addColumn(
          sum,
          across * rows + from,
          coarse.depths,
          taken * coarse.rows + fieldRow + down * from,
          down,
          to - from + 1,
          weight,
        );
      }
    }
    let found = 0;
    let highest = Infinity;
    for (let column = 0; column < columns; column++)
      for (let row = 0; row < rows; row++) {
        const node = column * rows + row;
        const cost = sum[node]!;
        if (cost >= highest) continue;
        if (row > 0 && sum[node - 1]! < cost) continue;
        if (row < rows - 1 && sum[node + 1]! < cost) continue;
        if (column > 0 && sum[node - rows]! < cost) continue;
        if (column < columns - 1 && sum[node + rows]! < cost) continue;
        // Free cloth is all one low place: few of its nodes are enough.
        if (
          cost === 0 &&
          ((row > 0 && sum[node - 1] === 0) || (column > 0 && sum[node - rows] === 0)) &&
          random() < 0.8
        )
          continue;
        let rank = found < MEASURED ? found++ : MEASURED - 1;
        for (; rank > 0 && lowest[rank - 1]! > cost; rank--) {
          lowest[rank] = lowest[rank - 1]!;
          lowestAt[rank] = lowestAt[rank - 1]!;
        }
        lowest[rank] = cost;
        lowestAt[rank] = node;
        if (found === MEASURED) highest = lowest[MEASURED - 1]!;
      }
    const places: number[] = [];
    for (let rank = 0; rank < found; rank++) {
      const node = lowestAt[rank]!;
      const column = Math.floor(node / rows);
      places.push(
        left + (firstColumn + STRIDE * column) * GRID_STEP,
        (firstRow + STRIDE * (node - column * rows)) * GRID_STEP,
      );
    }
    return places;
  };

  return {
    clear() {
      fields.length = 0;
      keptCount = 0;
    },
    add(pair, x, y, weight) {
      const at = fields.length;
      fields.push(pair.field);
      turnX[at] = pair.turnX;
      turnY[at] = pair.turnY;
      shiftX[at] = pair.shiftX - pair.turnX * x;
      shiftY[at] = pair.shiftY - pair.turnY * y;
      pairWeights[at] = weight;
      kept[keptCount++] = at;
    },
    keepTo,
    costAt,
    lowPlaces,
  };
}
