import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { fittedDress } from '@ample-bolt/core/styles/fitted-dress';
import { madeUpOn, sketchOf } from '@ample-bolt/core/sketch/sketch';
import { recipeOf } from '@ample-bolt/core/styles/recipe-book';
import type { Style } from '@ample-bolt/core/styles/style';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import { draftInput } from '@ample-bolt/core/testing/bodies';
import { billionth, nudged, tenth } from '@ample-bolt/core/testing/nudges';
import { extremeRanges, ordinaryRanges, randomBodies } from '@ample-bolt/core/testing/random-bodies';
import { missesBody, missesSizes } from '@ample-bolt/core/testing/misses-size-table';
import { benchFuzz } from './fuzz.ts';
import { layRuns } from './lays.ts';
import { median } from './median.mjs';
import { benchSince } from './since.ts';

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

/** A frame of a screen that draws sixty times a second, ms. */
const FRAME = 1000 / 60;
/** Drawings of each garment, after warming up. */
const REDRAWN = 40;

/** The time for each garment to be made up anew, front and back, beside its draft and a frame of the screen. */
function benchSketches(): void {
  const body = { ...missesBody(missesSizes[3]), armLength: 590, upperArm: 300, wrist: 165 };
  for (const style of Object.values(styleBook)) {
    const parts = style.lacks.armhole ? {} : { sleeve: 'sleeve-set-in' };
    const input = draftInput(body, parts);
    const timed = (run: () => unknown): number => {
      const start = performance.now();
      run();
      return performance.now() - start;
    };
    const draft = recipeOf(style).draft(input);
    const times = Array.from({ length: 2 * REDRAWN }, () => ({
      draft: timed(() => recipeOf(style).draft(input)),
      sketch: timed(() => sketchOf(draft, madeUpOn(draft, body))),
    })).slice(REDRAWN);
    const sketch = median(times.map((each) => each.sketch));
    const ratio = sketch / median(times.map((each) => each.draft));
    console.log(
      `made up, ${style.name}: median ${(sketch / FRAME).toFixed(2)} frames of the screen, ${ratio.toFixed(2)} times its draft`,
    );
  }
}

/** Bodies of each kind that are nudged. */
const NUDGED = 3;

/** The largest move of an outline, over every style, as one measure or choice moves by a billionth and by a tenth of a mm. */
function benchContinuity(): void {
  for (const style of Object.values(styleBook)) {
    const gaps = { billionth: 0, tenth: 0, drawn: 0 };
    let explained = 0;
    for (const ranges of [ordinaryRanges, extremeRanges])
      for (const school of ['solved', 'table'] as const) {
        const bodies = randomBodies(ranges, 31);
        for (let count = 0; count < NUDGED; count++) {
          const { values, observations } = bodies.next().value;
          const input = draftInput(values);
          const own = {
            ...input,
            person: { ...input.person, observations },
            rules: ruleSet({ 'school.block': school }),
          };
          for (const { mm } of nudged(style, recipeOf(style), own, billionth))
            gaps.billionth = Math.max(gaps.billionth, mm);
          for (const { mm, drawn, sameFindings } of nudged(style, recipeOf(style), own, tenth)) {
            if (sameFindings) {
              gaps.tenth = Math.max(gaps.tenth, mm);
              gaps.drawn = Math.max(gaps.drawn, drawn());
            } else explained++;
          }
        }
      }
    console.log(
      `nudged, ${style.name}: by a billionth no outline moves more than ${gaps.billionth.toFixed(5)} mm, by 0.1 mm than ${gaps.tenth.toFixed(2)} mm, made up than ${gaps.drawn.toFixed(2)} mm; ${explained} moves change what is found`,
    );
  }
}

const [first, ref, ...rest] = process.argv.slice(2);
const wanted = [first, ref, ...rest].filter((name) => name !== undefined);
const runs = {
  drafts: benchDrafts,
  sketches: benchSketches,
  soundness: benchSoundness,
  fuzz: benchFuzz,
  continuity: benchContinuity,
  ...layRuns,
};
// `since <commit>` compares with that commit, and is asked for by name alone.
if (first === 'since') await benchSince(ref ?? 'HEAD');
else for (const [name, run] of Object.entries(runs)) if (wanted.length === 0 || wanted.includes(name)) run();
