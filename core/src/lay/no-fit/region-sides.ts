import type { Corners } from './minkowski.ts';

/** A straight side of a region, in the units of its cycles: where it starts, and its vector. */
export interface RegionSide {
  readonly ax: number;
  readonly ay: number;
  readonly dx: number;
  readonly dy: number;
  /** What is crossed with it: once to its left, less once to its right. Sides that lie on each other share one crossing between them. */
  readonly weight: number;
}

/** Straight pieces of the cycles, number by number: flat arrays, since each is compared with all others. */
interface Legs {
  readonly count: number;
  readonly ax: Float64Array;
  readonly ay: Float64Array;
  readonly bx: Float64Array;
  readonly by: Float64Array;
  /** The legs that reach into each of some levels of like height, the first from `top` on. */
  readonly levels: readonly (readonly number[])[];
  readonly top: number;
  readonly height: number;
}

/** Cuts of a leg nearer than this are one, in units of the cycles: far below what anything is measured to. */
const SLIGHT = 1e-3;
/** How far beside the middle of a cut leg it is asked how often the cycles wind around there. */
const BESIDE = 1e-4;

/** Levels that legs are looked up by. */
const LEVELS = 64;

/** From the uppermost on. */
function legsOf(cycles: readonly Corners[]): Legs {
  const found: [ax: number, ay: number, bx: number, by: number, top: number][] = [];
  for (const cycle of cycles)
    for (let at = 0, before = cycle.length - 2; at < cycle.length; before = at, at += 2) {
      const [ay, by] = [cycle[before + 1]!, cycle[at + 1]!];
      found.push([cycle[before]!, ay, cycle[at]!, by, Math.min(ay, by)]);
    }
  found.sort((a, b) => a[4] - b[4]);
  const count = found.length;
  const [ax, ay] = [new Float64Array(count), new Float64Array(count)];
  const [bx, by] = [new Float64Array(count), new Float64Array(count)];
  found.forEach((leg, index) => {
    ax[index] = leg[0];
    ay[index] = leg[1];
    bx[index] = leg[2];
    by[index] = leg[3];
  });
  const top = found[0]?.[4] ?? 0;
  const height = (Math.max(...ay) + 1 - top) / LEVELS;
  const levels = Array.from({ length: LEVELS }, (): number[] => []);
  found.forEach((leg, index) => {
    const last = Math.floor((Math.max(leg[1], leg[3]) - top) / height);
    for (let level = Math.floor((leg[4] - top) / height); level <= last; level++) levels[level]!.push(index);
  });
  return { count, ax, ay, bx, by, levels, top, height };
}

/** Where a leg meets another: its share of the leg, and by how much the cycles wind more behind it; NaN where that has to be counted. */
interface Neighbours {
  readonly along: number;
  readonly more: number;
}

/** Notes where a leg is crossed or touched by another, or where one that lies along it ends. Whole coordinates make the tests exact. */
function meet({ ax, ay, bx, by }: Legs, leg: number, other: number, meetings: Neighbours[]): void {
  const dx = bx[leg]! - ax[leg]!;
  const dy = by[leg]! - ay[leg]!;
  const ex = bx[other]! - ax[other]!;
  const ey = by[other]! - ay[other]!;
  const px = ax[other]! - ax[leg]!;
  const py = ay[other]! - ay[leg]!;
  const turn = dx * ey - dy * ex;
  const off = px * dy - py * dx;
  if (turn !== 0) {
    const across = off / turn;
    if (across < 0 || across > 1) return;
    const along = (px * ey - py * ex) / turn;
    if (along < 0 || along > 1) return;
    const isCrossed = across > 0 && across < 1 && along > 0 && along < 1;
    meetings.push({ along, more: isCrossed ? -Math.sign(turn) : NaN });
    return;
  }
  if (off !== 0) return;
  const squared = dx * dx + dy * dy;
  for (const along of [(px * dx + py * dy) / squared, ((px + ex) * dx + (py + ey) * dy) / squared])
    if (along >= 0 && along < 1) meetings.push({ along, more: NaN });
}

/** Where others meet each leg, from its start on. */
function meetingsOf(legs: Legs): Neighbours[][] {
  const { count, ax, ay, bx, by } = legs;
  const meetings = Array.from({ length: count }, (): Neighbours[] => []);
  for (let leg = 0; leg < count; leg++) {
    const left = Math.min(ax[leg]!, bx[leg]!);
    const right = Math.max(ax[leg]!, bx[leg]!);
    const bottom = Math.max(ay[leg]!, by[leg]!);
    for (let other = leg + 1; other < count; other++) {
      if (ay[other]! > bottom && by[other]! > bottom) break;
      if (ax[other]! > right && bx[other]! > right) continue;
      if (ax[other]! < left && bx[other]! < left) continue;
      meet(legs, leg, other, meetings[leg]!);
      meet(legs, other, leg, meetings[other]!);
    }
  }
  for (const own of meetings) own.sort((a, b) => a.along - b.along);
  return meetings;
}

/** How often the legs wind around a place. */
function windingAt({ ax, ay, bx, by, levels, top, height }: Legs, x: number, y: number): number {
  const near = levels[Math.floor((y - top) / height)] ?? [];
  let winding = 0;
  for (let index = 0; index < near.length; index++) {
    const leg = near[index]!;
    const isUpwards = ay[leg]! > y;
    if (isUpwards === by[leg]! > y) continue;
    const turn = (bx[leg]! - ax[leg]!) * (y - ay[leg]!) - (by[leg]! - ay[leg]!) * (x - ax[leg]!);
    if (isUpwards && turn < 0) winding--;
    if (!isUpwards && turn > 0) winding++;
  }
  return winding;
}

/**
 * The sides of the region that closed cycles of whole coordinates wind around more than zero times: every leg is cut where others meet it,
 * and what has the region on one hand alone is kept.
 */
export function regionSides(cycles: readonly Corners[]): RegionSide[] {
  const legs = legsOf(cycles);
  const sides: RegionSide[] = [];
  meetingsOf(legs).forEach((meetings, leg) => {
    const [ax, ay] = [legs.ax[leg]!, legs.ay[leg]!];
    const [dx, dy] = [legs.bx[leg]! - ax, legs.by[leg]! - ay];
    const length = Math.hypot(dx, dy);
    const [besideX, besideY] = [(-dy / length) * BESIDE, (dx / length) * BESIDE];
    /** The stretch that is being walked, all of one weight, and how often the cycles wind around at its end on either hand. */
    let [from, to, weight] = [0, 0, 0];
    let [left, right] = [NaN, NaN];
    const walkTo = (next: number) => {
      if (Number.isNaN(left)) {
        const [x, y] = [ax + ((to + next) / 2) * dx, ay + ((to + next) / 2) * dy];
        left = windingAt(legs, x + besideX, y + besideY);
        right = windingAt(legs, x - besideX, y - besideY);
      }
      const found = left > 0 !== right > 0 ? 1 / Math.abs(left - right) : 0;
      if (found !== weight) {
        keep();
        [from, weight] = [to, found];
      }
      to = next;
    };
    const keep = () => {
      if (weight === 0) return;
      const share = to - from;
      sides.push({ ax: ax + from * dx, ay: ay + from * dy, dx: share * dx, dy: share * dy, weight });
    };
    for (const { along, more } of meetings) {
      if ((along - to) * length >= SLIGHT) walkTo(along);
      left += more;
      right += more;
    }
    if (to < 1) walkTo(1);
    keep();
  });
  return sides;
}
