import { FIGURE } from './body-outline.ts';

/** Levels of the grown figure, where they lie on a child's, and how wide the child is there beside the grown one. */
const levels: readonly { readonly grown: number; readonly child: number; readonly width: number }[] = [
  { grown: 0, child: 56, width: 1 },
  { grown: 16, child: 72, width: 1 },
  { grown: 73, child: 138, width: 1 },
  { grown: 82, child: 146, width: 0.9 },
  { grown: 91, child: 154, width: 0.8 },
  { grown: 138, child: 192, width: 0.78 },
  { grown: 190, child: 232, width: 0.92 },
  { grown: 240, child: 272, width: 0.82 },
  { grown: 264, child: 292, width: 0.82 },
  { grown: 350, child: 356, width: 0.86 },
  { grown: 408, child: 408, width: 0.86 },
  { grown: 420, child: 420, width: 0.86 },
];

function onChild(x: number, y: number): { x: number; y: number } {
  const above = Math.max(0, Math.min(levels.findIndex(({ grown }) => grown > y) - 1, levels.length - 2));
  const [a, b] = [levels[above], levels[above + 1]];
  if (!a || !b) return { x, y };
  const part = (y - a.grown) / (b.grown - a.grown);
  const between = (from: number, to: number) => from + (to - from) * part;
  return {
    x: FIGURE.middle + (x - FIGURE.middle) * between(a.width, b.width),
    y: between(a.child, b.child),
  };
}

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** A line of the grown figure as it runs on a child: a larger head, a straighter trunk, shorter legs. */
export const childPath = (path: string): string =>
  path.replace(/(-?[\d.]+) (-?[\d.]+)/g, (_pair, x: string, y: string) => {
    const moved = onChild(Number(x), Number(y));
    return `${tenth(moved.x)} ${tenth(moved.y)}`;
  });
