import { layPieceOf, lengthBound } from '@ample-bolt/core/lay/layable';
import { folds } from '@ample-bolt/core/lay/lay';
import { checkLay } from '@ample-bolt/core/lay/check-lay';
import { usableWidth, type Cloth } from '@ample-bolt/core/lay/cloth';
import { planLay, type LayTask } from '@ample-bolt/core/lay/plan-lay';
import { fittedDress } from '@ample-bolt/core/styles/fitted-dress/fitted-dress';
import { fittedDressRecipe } from '@ample-bolt/core/styles/fitted-dress/fitted-dress-recipe';
import { recipeOf } from '@ample-bolt/core/styles/recipe-book';
import type { Style } from '@ample-bolt/core/styles/style';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import { draftInput } from '@ample-bolt/core/testing/bodies';
import { extremeRanges, randomBodies } from '@ample-bolt/core/testing/random-bodies';
import { missesBody, missesSizes } from '@ample-bolt/core/testing/misses-size-table';
import { inches } from '@ample-bolt/core/units/length';
import { boxLength } from './boxes.ts';

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[values.length >> 1] ?? NaN;

/** Rounds over the whole table, after warming up. */
const ROUNDS = 7;

/** The middle time that a style takes to draft, ms: with all cut lines, figures and checks, over every size of the table. */
function draftTime(style: Style): number {
  const recipe = recipeOf(style);
  const draftAll = () => missesSizes.forEach((size) => recipe.draft(draftInput(missesBody(size))));
  draftAll();
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    draftAll();
    return (performance.now() - start) / missesSizes.length;
  });
  return median(times);
}

/** Every style beside the dress that was the first of them. */
function benchDrafts(): void {
  const dress = draftTime(fittedDress);
  console.log(
    `draft, with seams, rounds, figures and cut lines: ${fittedDress.name}, median ${dress.toFixed(1)} ms, ${(1000 / dress).toFixed(0)} a second`,
  );
  for (const style of Object.values(styleBook).filter(({ id }) => id !== fittedDress.id)) {
    const time = draftTime(style);
    console.log(`  ${style.name}: ${(time / dress).toFixed(1)} times that, median ${time.toFixed(1)} ms`);
  }
}

/** How many of extreme bodies are stopped in each style, and how long the slowest of the dress take. */
function benchSoundness(): void {
  for (const style of Object.values(styleBook)) {
    const count = style.id === fittedDress.id ? 1000 : 300;
    const bodies = randomBodies(extremeRanges, 7);
    const results = Array.from({ length: count }, () => {
      const { values, observations } = bodies.next().value;
      const input = draftInput(values);
      const start = performance.now();
      const { findings } = recipeOf(style).draft({ ...input, person: { ...input.person, observations } });
      return {
        time: performance.now() - start,
        stopped: findings.some(({ severity }) => severity === 'stop'),
      };
    });
    const times = results.map(({ time }) => time).sort((a, b) => a - b);
    const stopped = results.filter((result) => result.stopped).length;
    const slowest = (times[Math.floor(0.95 * count)] ?? NaN) / median(times);
    console.log(
      `extreme bodies, ${style.name}: ${stopped} of ${count} get a stop; the slowest twentieth take over ${slowest.toFixed(1)} times the median`,
    );
  }
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
