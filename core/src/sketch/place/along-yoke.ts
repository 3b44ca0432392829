import { lookup, valueAt } from '../../geometry/lookup.ts';
import { distance, type Point } from '../../geometry/point.ts';
import type { NamedEdge } from '../../pieces/named-edge.ts';
import { edgesOn, type Seam } from '../../pieces/seam.ts';
import { flatPlace, type Panel } from './panel.ts';
import { pointsAlong } from './run-down.ts';

/** Moves the panels sewn to a yoke so that their seam lies on the yoke's edge. */
export function alongYoke(
  panels: readonly Panel[],
  { a, b }: Seam,
  find: (name: string) => NamedEdge | undefined,
): Panel[] {
  const [onYoke] = edgesOn(b).map(find);
  const yoke = panels.find(({ piece }) => piece === onYoke?.piece);
  if (!yoke || !onYoke || b.length !== 1 || onYoke.edge.role !== 'yoke') return [...panels];
  const byX = (points: readonly Point[]) => [...points].sort((p, q) => p.x - q.x);
  const target = byX(pointsAlong(onYoke.edge.path));
  const [start, end] = [target[0]?.x ?? 0, target.at(-1)?.x ?? 0];
  const yokeY = lookup(target.map(({ x, y }) => [x, y]));
  let sewn = 0;
  const moves: { panel: Panel; x: number; y: number; out: number; height: number; along: number }[] = [];
  for (const side of edgesOn(a).map(find)) {
    const panel = panels.find(({ piece }) => piece === side?.piece);
    if (!panel || !side) return [...panels];
    let last: Point | undefined;
    for (const at of byX(pointsAlong(side.edge.path))) {
      if (last) sewn += distance(last, at);
      last = at;
      moves.push({ panel, ...at, out: 0, height: 0, along: sewn });
    }
  }
  const placed = moves.map((move) => {
    const x = start + ((end - start) * move.along) / sewn;
    const to = flatPlace(yoke, { x, y: valueAt(yokeY, x) });
    const from = flatPlace(move.panel, move);
    return { ...move, out: to.out - from.out, height: to.height - from.height };
  });
  return panels.map((panel) => {
    const mine = placed.filter((move) => move.panel === panel);
    return mine.length === 0
      ? panel
      : {
          ...panel,
          yoke: {
            y: lookup(mine.map(({ x, y }) => [x, y])),
            out: lookup(mine.map(({ x, out }) => [x, out])),
            height: lookup(mine.map(({ x, height }) => [x, height])),
          },
        };
  });
}
