import { depthAt, type DepthField } from '../no-fit/depth-field.ts';
import type { PairField } from '../no-fit/no-fit-book.ts';
import { PITCH } from '../no-fit/windings.ts';

/** The coarse look takes one node of so many, across and down. */
const EVERY = 2;
/** Low places of it that are measured. */
const MEASURED = 6;

/** All other items as the one in hand meets them. Filled anew for every item and stance; one for a search. */
export interface Meeting {
  clear(): void;
  /** Another item at (x, y), whose overlap weighs so much. */
  add(pair: PairField, x: number, y: number, weight: number): void;
  /** The weighed overlap at a place, mm; as soon as it reaches `enough` it is not counted further. */
  costAt(x: number, y: number, enough: number): number;
  /** The lowest places over the whole strip by some nodes of all fields, as [x, y, …]. */
  lowPlaces(left: number, right: number, bottom: number): number[];
}

/** Adds nodes, weighed, to a run: one in every `stride`, back from the first where it is negative. Four at a time, since it is most of the work. */
function addRun(
  sum: Float32Array,
  to: number,
  nodes: Float32Array,
  at: number,
  stride: number,
  count: number,
  weight: number,
): void {
  const whole = count - (count % 4);
  let from = at;
  for (let index = to; index < to + whole; index += 4) {
    const first = sum[index]! + weight * nodes[from]!;
    const second = sum[index + 1]! + weight * nodes[from + stride]!;
    const third = sum[index + 2]! + weight * nodes[from + 2 * stride]!;
    const fourth = sum[index + 3]! + weight * nodes[from + 3 * stride]!;
    sum[index] = first;
    sum[index + 1] = second;
    sum[index + 2] = third;
    sum[index + 3] = fourth;
    from += 4 * stride;
  }
  for (let index = to + whole; index < to + count; index++) {
    sum[index]! += weight * nodes[from]!;
    from += stride;
  }
}

export function meeting(most: number, random: () => number): Meeting {
  const fields: DepthField[] = [];
  const turnX = new Float64Array(most);
  const turnY = new Float64Array(most);
  const shiftX = new Float64Array(most);
  const shiftY = new Float64Array(most);
  const pairWeights = new Float64Array(most);

  const costAt = (placeX: number, placeY: number, enough: number): number => {
    let cost = 0;
    for (let at = 0; at < fields.length; at++) {
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
  const lowPlaces = (left: number, right: number, bottom: number): number[] => {
    const nodesAcross = Math.floor((right - left) / PITCH + 1e-9) + 1;
    const nodesDown = Math.floor(bottom / PITCH + 1e-9) + 1;
    // Every other node, from another one each time, finds nearly as low places for a quarter of the work.
    const firstColumn = Math.floor(Math.min(EVERY, nodesAcross) * random());
    const firstRow = Math.floor(Math.min(EVERY, nodesDown) * random());
    const columns = Math.ceil((nodesAcross - firstColumn) / EVERY);
    const rows = Math.ceil((nodesDown - firstRow) / EVERY);
    if (sums.length < columns * rows) sums = new Float32Array(Math.ceil(1.3 * columns * rows));
    const sum = sums;
    sum.fill(0, 0, columns * rows);
    for (let at = 0; at < fields.length; at++) {
      const field = fields[at]!;
      const sense = turnX[at]! > 0 ? 1 : -1;
      const down = turnY[at]! > 0 ? 1 : -1;
      const column = Math.round((turnX[at]! * left + shiftX[at]! - field.x) / PITCH) + sense * firstColumn;
      const row = Math.round((shiftY[at]! - field.y) / PITCH) + down * firstRow;
      const [above, below] = down > 0 ? [row, field.rows - 1 - row] : [field.rows - 1 - row, row];
      const from = Math.max(0, Math.ceil(-above / EVERY));
      const to = Math.min(rows - 1, Math.floor(below / EVERY));
      for (let line = from; line <= to; line++) {
        const fieldRow = row + down * EVERY * line;
        const first = field.first[fieldRow]!;
        const last = field.last[fieldRow]!;
        if (first > last) continue;
        const before = sense > 0 ? first - column : column - last;
        const after = sense > 0 ? last - column : column - first;
        const start = Math.max(0, Math.ceil(before / EVERY));
        const end = Math.min(columns - 1, Math.floor(after / EVERY));
        if (start > end) continue;
        addRun(
          sum,
          line * columns + start,
          field.nodes,
          fieldRow * field.columns + column + sense * EVERY * start,
          sense * EVERY,
          end - start + 1,
          pairWeights[at]!,
        );
      }
    }
    let found = 0;
    let highest = Infinity;
    for (let row = 0; row < rows; row++)
      for (let column = 0; column < columns; column++) {
        const node = row * columns + column;
        const cost = sum[node]!;
        if (cost >= highest) continue;
        if (column > 0 && sum[node - 1]! < cost) continue;
        if (column < columns - 1 && sum[node + 1]! < cost) continue;
        if (row > 0 && sum[node - columns]! < cost) continue;
        if (row < rows - 1 && sum[node + columns]! < cost) continue;
        // Free cloth is all one low place: few of its nodes are enough.
        if (
          cost === 0 &&
          ((column > 0 && sum[node - 1] === 0) || (row > 0 && sum[node - columns] === 0)) &&
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
      const row = Math.floor(node / columns);
      places.push(
        left + (firstColumn + EVERY * (node - row * columns)) * PITCH,
        (firstRow + EVERY * row) * PITCH,
      );
    }
    return places;
  };

  return {
    clear() {
      fields.length = 0;
    },
    add(pair, x, y, weight) {
      const at = fields.length;
      fields.push(pair.field);
      turnX[at] = pair.turnX;
      turnY[at] = pair.turnY;
      shiftX[at] = pair.shiftX - pair.turnX * x;
      shiftY[at] = pair.shiftY - pair.turnY * y;
      pairWeights[at] = weight;
    },
    costAt,
    lowPlaces,
  };
}
