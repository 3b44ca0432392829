import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';

/** Seeds of one task are so far apart, so that those of the next run are others. */
const SEEDS_APART = 1000;

/** The tasks for so many workers: where there are more of these, tasks are searched from several seeds at once, the first ones first. */
export const shareTasks = (tasks: readonly LayTask[], workers: number): LayTask[] =>
  tasks.length === 0
    ? []
    : Array.from({ length: Math.max(tasks.length, workers) }, (_, index) => {
        const task = tasks[index % tasks.length]!;
        return { ...task, seed: task.seed + SEEDS_APART * Math.floor(index / tasks.length) };
      });
