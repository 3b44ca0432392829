import { layPieceOf, lengthBound } from '@ample-bolt/core/lay/layable';
import { folds } from '@ample-bolt/core/lay/lay';
import { checkLay } from '@ample-bolt/core/lay/check-lay';
import { usableWidth, type Cloth } from '@ample-bolt/core/lay/cloth';
import { planLay, type LayTask } from '@ample-bolt/core/lay/plan-lay';
import { fittedDressRecipe } from '@ample-bolt/core/styles/fitted-dress/fitted-dress-recipe';
import { draftInput } from '@ample-bolt/core/testing/bodies';
import { extremeRanges, randomBodies } from '@ample-bolt/core/testing/random-bodies';
import { missesBody, missesSizes } from '@ample-bolt/core/testing/misses-size-table';
import { inches } from '@ample-bolt/core/units/length';
import { boxLength } from './boxes.ts';

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[values.length >> 1] ?? NaN;

/** Drafts every size of the table, all checks and cut lines, a few rounds after warming up. */
function benchDrafts(): void {
  const draftAll = () => missesSizes.forEach((size) => fittedDressRecipe.draft(draftInput(missesBody(size))));
  draftAll();
  const times = Array.from({ length: 7 }, () => {
    const start = performance.now();
    draftAll();
    return (performance.now() - start) / missesSizes.length;
  });
  console.log(
    `draft, with seams, rounds, figures and cut lines: median ${median(times).toFixed(1)} ms, ${(1000 / median(times)).toFixed(0)} a second`,
  );
}

/** How many of a thousand extreme bodies are stopped, and how long the slowest take. */
function benchSoundness(): void {
  const bodies = randomBodies(extremeRanges, 7);
  const results = Array.from({ length: 1000 }, () => {
    const { values, observations } = bodies.next().value;
    const input = draftInput(values);
    const start = performance.now();
    const { findings } = fittedDressRecipe.draft({ ...input, person: { ...input.person, observations } });
    return {
      time: performance.now() - start,
      stopped: findings.some(({ severity }) => severity === 'stop'),
    };
  });
  const times = results.map(({ time }) => time).sort((a, b) => a - b);
  const stopped = results.filter((result) => result.stopped).length;
  console.log(
    `extreme bodies: ${stopped} of ${results.length} get a stop; the slowest twentieth take over ${((times[950] ?? NaN) / median(times)).toFixed(1)} times the median`,
  );
}

/** How long the lay gets in three seconds, beside what bounding boxes need and what cannot be beaten. */
function benchLays(): void {
  const size = missesSizes[4];
  const pieces = fittedDressRecipe
    .draft(draftInput(missesBody(size)))
    .pieces.filter(({ piece }) => piece.role === 'outer')
    .map(layPieceOf);
  for (const width of [45, 60]) {
    const cloth: Cloth = {
      role: 'outer',
      name: '',
      colour: '#000000',
      width: inches(width),
      selvedge: inches(0.5),
      length: null,
      oneWay: false,
    };
    const start = performance.now();
    const boxes = boxLength(pieces, cloth);
    const boxTime = performance.now() - start;
    const bound = lengthBound(pieces, usableWidth(cloth));
    console.log(
      `\n${width} in cloth, size ${size.size}: boxes ${(boxes / 25.4).toFixed(1)} in (${boxTime.toFixed(0)} ms), no lay below ${(bound / 25.4).toFixed(1)} in`,
    );
    for (const fold of folds) {
      const task: LayTask = { pieces, cloth, fold, seed: 1, shrinkPercent: 0, buyIn: 'yd' };
      const began = performance.now();
      let first: number | undefined;
      for (const { lay, work } of planLay(task)) {
        if (first === undefined) first = performance.now() - began;
        if (performance.now() - began < 3000) continue;
        const proved = checkLay(lay, pieces, cloth).length === 0 ? 'proved' : 'NOT PROVED';
        console.log(
          `  ${fold}: first lay after ${first.toFixed(0)} ms; in 3 s ${(lay.length / 25.4).toFixed(1)} in, ${(lay.length / boxes).toFixed(2)} of the boxes' length, ${(lay.length / bound).toFixed(2)} of the bound, ${(100 * lay.utilisation).toFixed(0)} % used, ${proved}, ${work} steps`,
        );
        break;
      }
    }
  }
}

benchDrafts();
benchSoundness();
benchLays();
