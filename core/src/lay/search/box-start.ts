import type { Positions, Strip, StripOrientation } from './strip.ts';

interface Box {
  readonly left: number;
  readonly right: number;
  readonly bottom: number;
}

/** A box that keeps its place: others may come to lie before it. */
interface HeldBox extends Box {
  readonly top: number;
}

/** Comparisons of boxes that all tries together may take: few orders are tried with many pieces. */
const WORK = 4e6;
const MOST_TRIES = 60;

/** What is held is in the way of all others, so it comes before them. */
const heldFirst = ({ items }: Strip, order: readonly number[]): number[] => [
  ...order.filter((index) => items[index]?.held !== null),
  ...order.filter((index) => items[index]?.held === null),
];

/** The first place from `top` on at which a box lies on none that is held. */
function pastHeld(
  held: readonly HeldBox[],
  left: number,
  width: number,
  top: number,
  height: number,
): number {
  for (const box of held) {
    const isAcross = box.left < left + width - 1e-9 && box.right > left + 1e-9;
    if (isAcross && box.top < top + height - 1e-9 && box.bottom > top + 1e-9)
      return pastHeld(held, left, width, box.bottom, height);
  }
  return top;
}

/** The same, and in phase with the print. */
function firstFree(
  held: readonly HeldBox[],
  left: number,
  width: number,
  top: number,
  height: number,
  phase: number | null,
  repeat: number,
): number {
  const free = pastHeld(held, left, width, top, height);
  if (phase === null) return free;
  const next = phase + repeat * Math.max(0, Math.ceil((free - phase) / repeat - 1e-9));
  return next > free + 1e-9 ? firstFree(held, left, width, next, height, phase, repeat) : free;
}

const areAlike = (a: Omit<StripOrientation, 'state'>, b: Omit<StripOrientation, 'state'>): boolean =>
  a.leftmost === b.leftmost && a.rightmost === b.rightmost && a.phase === b.phase;

/** Boxes dropped in an order, each as near to the start as it comes in any of its bands, at a side of those before it. */
function dropped(strip: Strip, order: readonly number[]): Positions {
  const count = strip.items.length;
  const x = new Float64Array(count);
  const y = new Float64Array(count);
  const orientations = new Int16Array(count);
  const boxes: Box[] = [];
  const heldBoxes: HeldBox[] = [];
  let length = 0;
  for (const index of heldFirst(strip, order)) {
    const item = strip.items[index]!;
    const { width, height } = item.shape;
    if (item.held !== null) {
      const left = item.orientations[0]!.leftmost;
      [x[index], y[index]] = [left, item.held];
      heldBoxes.push({ left, right: left + width, top: item.held, bottom: item.held + height });
      if (!item.isObstacle) length = Math.max(length, item.held + height);
      continue;
    }
    let best = { left: 0, top: Infinity, orientation: 0 };
    item.orientations.forEach(({ leftmost, rightmost, phase }, orientation) => {
      // Boxes are alike in all states: only another band, or another phase, makes another place.
      const before = item.orientations[orientation - 1];
      if (before && areAlike(before, { leftmost, rightmost, phase })) return;
      const lefts = [leftmost, rightmost];
      for (const { left, right } of boxes) lefts.push(right, left - width);
      for (const { left, right } of heldBoxes) lefts.push(right, left - width);
      for (const left of lefts) {
        if (left < leftmost || left > rightmost) continue;
        let top = 0;
        for (const box of boxes)
          if (box.left < left + width - 1e-9 && box.right > left + 1e-9 && box.bottom > top) top = box.bottom;
        top = firstFree(heldBoxes, left, width, top, height, phase, strip.repeat);
        if (top < best.top) best = { left, top, orientation };
      }
    });
    x[index] = best.left;
    y[index] = best.top;
    orientations[index] = best.orientation;
    boxes.push({ left: best.left, right: best.left + width, bottom: best.top + height });
    length = Math.max(length, best.top + height);
  }
  return { x, y, orientations, length };
}

/** Items from the tallest on, each height shaken by up to half of `shake` of it. */
function byHeight(strip: Strip, shake: number, random: () => number): number[] {
  const keys = strip.items.map(({ shape }) => shape.height * (1 + shake * (random() - 0.5)));
  return keys.map((_, index) => index).sort((a, b) => (keys[b] ?? 0) - (keys[a] ?? 0));
}

/** A first arrangement from bounding boxes alone: the best of some orders, the tallest first, and that order shaken. */
export function boxStart(strip: Strip, random: () => number): Positions {
  const tries = Math.max(2, Math.min(MOST_TRIES, Math.floor(WORK / strip.items.length ** 3)));
  let best = dropped(strip, byHeight(strip, 0, random));
  for (let attempt = 1; attempt < tries; attempt++) {
    const found = dropped(strip, byHeight(strip, 0.6, random));
    if (found.length < best.length) best = found;
  }
  return best;
}

/** Another arrangement of bounding boxes, in nearly any order, each item in any of its orientations of the band that it comes to lie in. */
export function anyStart(strip: Strip, random: () => number): Positions {
  const start = dropped(strip, byHeight(strip, 1.6, random));
  strip.items.forEach(({ orientations }, index) => {
    const own = orientations[start.orientations[index] ?? 0];
    const alike = orientations.flatMap((each, orientation) =>
      own && areAlike(each, own) ? [orientation] : [],
    );
    start.orientations[index] = alike[Math.floor(random() * alike.length)] ?? 0;
  });
  return start;
}
