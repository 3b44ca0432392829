import type { LayRun } from '@ample-bolt/core/shop/lay-run';

const minutes = (seconds: number): string =>
  seconds < 60 ? `${Math.round(seconds)} s` : `${Math.round(seconds / 60)} min`;

/** What a search comes to, in a line. */
export function searchStanding(run: LayRun | undefined): string {
  if (!run) return '';
  const better = `${run.found} better`;
  switch (run.state) {
    case 'running':
      return run.atOnce === 0
        ? 'waits for its turn'
        : `${minutes(run.spent)} of ${minutes(run.seconds)}${run.atOnce > 1 ? `, ${run.atOnce} at once` : ''} · ${better}`;
    case 'done':
      return `looked ${minutes(run.spent)} · ${better}`;
    case 'cancelled':
      return `stopped after ${minutes(run.spent)} · ${better}`;
    case 'failed':
      return `The long search failed: ${run.failure ?? 'no reason was given'}`;
  }
}
