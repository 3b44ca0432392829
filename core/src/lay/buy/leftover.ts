import { boxOf, type Ring } from '../../geometry/ring.ts';
import { purchaseLength } from './buying.ts';
import type { Cloth, Flaw } from '../model/cloth.ts';
import type { Lay } from '../model/lay.ts';
import { obstaclesOn } from '../model/obstacles.ts';

/** What is left in one piece: along the length from the start and across from the left selvedge, mm; straight, as it is torn or cut off. */
export type Leftover = Flaw;

/** Cells of the cloth that are looked at, mm: what is left is found to this, and never said to be more than it is. */
const CELL = 12.7;

/** Narrower or shorter than this it is a scrap, mm. */
const USEFUL = 100;

/** Marks every cell that a ring's inside or boundary touches: row by row, between the outermost points of the ring in the row's band. */
function cover(ring: Ring, taken: Uint8Array, columns: number, rows: number, left: number): void {
  const { minY, maxY } = boxOf(ring);
  const first = Math.max(0, Math.floor(minY / CELL));
  const last = Math.min(rows - 1, Math.floor(maxY / CELL));
  for (let row = first; row <= last; row++) {
    const [top, bottom] = [row * CELL, (row + 1) * CELL];
    let [from, to] = [Infinity, -Infinity];
    for (let index = 0; index < ring.length; index++) {
      const [a, b] = [ring[index], ring[(index + 1) % ring.length]];
      if (!a || !b || Math.max(a.y, b.y) < top || Math.min(a.y, b.y) > bottom) continue;
      const at = (y: number) => (a.y === b.y ? a.x : a.x + ((b.x - a.x) * (y - a.y)) / (b.y - a.y));
      const ends = a.y === b.y ? [a.x, b.x] : [a.y, b.y].map((y) => at(Math.min(bottom, Math.max(top, y))));
      from = Math.min(from, ...ends);
      to = Math.max(to, ...ends);
    }
    const start = Math.max(0, Math.floor((from - left) / CELL));
    const end = Math.min(columns - 1, Math.floor((to - left) / CELL));
    if (start <= end) taken.fill(1, row * columns + start, row * columns + end + 1);
  }
}

/**
 * The largest straight piece of sound cloth that a lay leaves of what is bought for it, or, of a cloth that is given, of what is in hand, beside
 * the pieces or after them, mm; undefined where there are only scraps. Hollows of an outline count as taken, so that what is said can always
 * be cut off.
 */
export function largestLeftover(
  { usable, placements, buy }: Pick<Lay, 'usable' | 'placements' | 'buy'>,
  cloth?: Cloth,
): Leftover | undefined {
  const [left, right] = usable;
  const columns = Math.floor((right - left) / CELL);
  const rows = Math.floor((cloth?.length ?? purchaseLength(buy)) / CELL);
  const taken = new Uint8Array(columns * rows);
  for (const ring of [...placements.map(({ polygon }) => polygon), ...(cloth ? obstaclesOn(cloth) : [])])
    cover(ring, taken, columns, rows, left);
  let best: Leftover | undefined;
  let bestArea = 0;
  /** How many free cells stand above the row's, in each column. */
  const free = new Int32Array(columns + 1);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++)
      free[column] = taken[row * columns + column] === 1 ? 0 : (free[column] ?? 0) + 1;
    // The largest rectangle that ends in this row: columns wait until a lower one ends them.
    const waiting: { from: number; height: number }[] = [];
    for (let column = 0; column <= columns; column++) {
      const height = free[column] ?? 0;
      let from = column;
      for (let top = waiting.at(-1); top && top.height > height; top = waiting.at(-1)) {
        waiting.pop();
        from = top.from;
        const [wide, long] = [(column - from) * CELL, top.height * CELL];
        if (wide < USEFUL || long < USEFUL || wide * long <= bestArea) continue;
        bestArea = wide * long;
        best = {
          from: (row + 1) * CELL - long,
          to: (row + 1) * CELL,
          left: left + from * CELL,
          right: left + column * CELL,
        };
      }
      if (height > 0 && waiting.at(-1)?.height !== height) waiting.push({ from, height });
    }
  }
  return best;
}

/** Of a leftover or none, in mm². */
export const leftoverArea = (leftover: Leftover | undefined): number =>
  leftover ? (leftover.to - leftover.from) * (leftover.right - leftover.left) : 0;
