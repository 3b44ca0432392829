import { checkLay } from '@ample-bolt/core/lay/proof/check-lay';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { LayWay, Lay } from '@ample-bolt/core/lay/model/lay';
import type { LayPiece } from '@ample-bolt/core/lay/model/layable';
import { noFitCache } from '@ample-bolt/core/lay/no-fit/no-fit-cache';
import { layObstacle, planLay } from '@ample-bolt/core/lay/plan/plan-lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { dissectedRectangle } from '@ample-bolt/core/testing/dissected-rectangle';
import { garmentPieces } from '@ample-bolt/core/testing/garment-pieces';
import { boxLength } from './boxes.ts';
import { median } from './median.mjs';

/** Usable width of common cloth, mm, as a pieces file gives it. */
const WIDTH = 1143;
const seeds = [1, 2, 3] as const;
/** When a search is looked at, s. */
const SOON = 3;
const LATE = 30;

const clothOf = (width: number): Cloth => ({
  role: 'outer',
  name: '',
  colour: '#000000',
  width,
  selvedge: 0,
  length: null,
  oneWay: false,
});

const taskOf = (pieces: readonly LayPiece[], fold: LayWay, seed: number, width = WIDTH): LayTask => ({
  pieces,
  cloth: clothOf(width),
  fold,
  seed,
  shrinkPercent: 0,
  buyIn: 'm',
});

interface Searched {
  /** Until the first lay, ms, with nothing worked out before. */
  readonly first: number;
  /** The lay at each of the times asked for. */
  readonly at: readonly Lay[];
}

/** Packing boxes brings nothing more after so long, s. */
const BOXES = 10;

/** Steps that work out most of the pairs of shapes, as the product does while the user is at an earlier station. */
const WARMING = 1500;

/** Searches until the last of the times, s, warm; every lay that is looked at has to be proved. */
function search(task: LayTask, times: readonly number[]): Searched {
  const book = noFitCache();
  const cold = performance.now();
  let first = NaN;
  for (const { work } of planLay(task, book)) {
    if (Number.isNaN(first)) first = performance.now() - cold;
    if (work > WARMING) break;
  }
  const start = performance.now();
  const at: Lay[] = [];
  for (const { lay } of planLay(task, book)) {
    const due = times[at.length];
    if (due === undefined) break;
    if (performance.now() - start < 1000 * due) continue;
    const faults = checkLay(lay, task.pieces, task.cloth);
    if (faults.length > 0) throw new Error(`a lay that is not proved: ${JSON.stringify(faults)}`);
    at.push(lay);
  }
  return { first, at };
}

const percent = (lays: readonly (Lay | undefined)[]): string =>
  (100 * median(lays.map((lay) => lay?.utilisation ?? NaN))).toFixed(1);

/** How much of the cloth curved garment pieces fill, and how long they are beside their boxes in the same time. */
function benchGarments(): void {
  for (const count of [9, 16, 24, 36]) {
    const searched = seeds.map((seed) => {
      const pieces = garmentPieces(count, seed);
      const found = search(taskOf(pieces, 'open', seed), [SOON, LATE]);
      const ratio = (index: number, seconds: number) =>
        (found.at[index]?.length ?? NaN) / boxLength(pieces, WIDTH, 1000 * Math.min(seconds, BOXES), seed);
      return { ...found, soon: ratio(0, SOON), late: ratio(1, LATE) };
    });
    console.log(
      `lay of ${count} garment pieces: first after ${median(searched.map(({ first }) => first)).toFixed(0)} ms cold; ${percent(searched.map(({ at }) => at[0]))} % used after ${SOON} s warm, ${percent(searched.map(({ at }) => at[1]))} % after ${LATE} s; ${median(searched.map(({ soon }) => soon)).toFixed(2)} and ${median(searched.map(({ late }) => late)).toFixed(2)} of the boxes' length`,
    );
  }
}

/** Pieces whose best lay is known, because they were cut from a rectangle. */
function benchDissections(): void {
  for (const count of [12, 20, 30]) {
    const lays = seeds.map(
      (seed) => search(taskOf(dissectedRectangle(WIDTH, 1400, count, seed), 'open', seed), [LATE]).at[0],
    );
    console.log(`rectangle cut into ${count}: ${percent(lays)} % of it found again after ${LATE} s`);
  }
}

/** Folded to width beside folded in half, and the lay of a whole group. */
function benchFolds(): void {
  const ratios = seeds.map((seed) => {
    const pieces = garmentPieces(9, seed).filter(({ cut }) => cut.layers === 'pair');
    const [width, half] = (['width', 'half'] as const).map((fold) => {
      const task = taskOf(pieces, fold, seed, 1500);
      return layObstacle(task) ? undefined : search(task, [SOON]).at[0];
    });
    return (width?.length ?? NaN) / (half?.length ?? NaN);
  });
  console.log(
    `folded to width, beside folded in half: ${ratios.map((ratio) => ratio.toFixed(2)).join(', ')} of its length`,
  );
  const group = search(taskOf(garmentPieces(100, 1), 'open', 1), [60]);
  console.log(
    `lay of 100 pieces: first after ${group.first.toFixed(0)} ms cold; ${percent(group.at)} % used after 60 s`,
  );
}

export const layRuns = { garments: benchGarments, dissections: benchDissections, folds: benchFolds };
