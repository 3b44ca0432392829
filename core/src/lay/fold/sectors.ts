import { point, rotate } from '../../geometry/point.ts';
import { boxOf, type Ring } from '../../geometry/ring.ts';
import { OUTLINE_TOLERANCE } from '../../pieces/piece.ts';

/** A skirt, peplum or flounce that is cut from a circle, by its cut edges; mm. */
export interface Flare {
  readonly inner: number;
  readonly outer: number;
  /** How much of a circle it is in all: ½, 1, 2. */
  readonly circle: number;
  /** Cloth outside the stitch line of each join. */
  readonly join: number;
}

/** The equal parts that a flare is cut in, so that each lies on the cloth. */
export interface Sectors {
  readonly count: number;
  /** One of them, as it lies with the grain. */
  readonly outline: Ring;
  /** Where it is joined, in degrees around the body from centre front; the same on either side. None lies on centre front. */
  readonly joins: readonly number[];
}

/** More parts than this are no skirt any more. */
const MOST = 24;

const FULL = 2 * Math.PI;

/** Points of an arc around the origin, angles from straight down; chords stay within the tolerance of it. */
function arc(radius: number, from: number, to: number): Ring {
  const step = 2 * Math.acos(Math.max(0, 1 - OUTLINE_TOLERANCE / radius));
  const steps = Math.max(1, Math.ceil(Math.abs(to - from) / step));
  return Array.from({ length: steps + 1 }, (_, index) => {
    const angle = from + ((to - from) * index) / steps;
    return point(-radius * Math.sin(angle), radius * Math.cos(angle));
  });
}

/** One part with its middle straight down, and the allowance along both of its joined edges; nothing where they would lie on each other. */
function sector({ inner, outer, join }: Flare, angle: number): Ring | undefined {
  const beyond = (radius: number) => Math.asin(Math.min(1, join / radius));
  const half = angle / 2;
  if (inner <= join || half + beyond(inner) >= Math.PI) return undefined;
  return [
    ...arc(outer, -half - beyond(outer), half + beyond(outer)),
    ...arc(inner, half + beyond(inner), -half - beyond(inner)),
  ];
}

/** A circle in one piece is closed and has no join; two circles are slit, and cut in more parts than two for the allowance. */
const isInOne = ({ circle }: Flare, count: number): boolean => count === 1 && Math.abs(circle - 1) < 1e-9;

/** A whole ring is cut as a disc: its middle comes out of it. */
const disc = ({ outer }: Flare): Ring => arc(outer, 0, FULL).slice(0, -1);

const widthOf = (ring: Ring): number => boxOf(ring).maxX - boxOf(ring).minX;

/** The part as it lies: its middle with the grain, else one of its joins, where the part is narrower so. */
function lying(flare: Flare, count: number, usable: number): Ring | undefined {
  if (isInOne(flare, count)) return widthOf(disc(flare)) <= usable ? disc(flare) : undefined;
  const angle = (FULL * flare.circle) / count;
  const upright = angle < FULL ? sector(flare, angle) : undefined;
  if (!upright) return undefined;
  const onItsSide = upright.map((p) => rotate(p, point(0, 0), angle / 2));
  return [upright, onItsSide].find((ring) => widthOf(ring) <= usable);
}

/** Degrees around the body from centre front, on one side of it, where so many equal parts meet: the middle of one is centre front. */
const joinsOf = (count: number): number[] =>
  Array.from({ length: Math.ceil(count / 2) }, (_, index) => ((2 * index + 1) * 180) / count);

/**
 * A flare in the fewest equal parts that lie on cloth so wide, mm; nothing where even many do not. As common practice has it two halves or
 * four quarters lie with a join on the grain, and no join comes to centre front, where it would show.
 */
export function sectorsOf(flare: Flare, usable: number): Sectors | undefined {
  for (let count = Math.max(1, Math.ceil(flare.circle - 1e-9)); count <= MOST; count++) {
    const outline = lying(flare, count, usable);
    if (!outline) continue;
    return { count, outline, joins: isInOne(flare, count) ? [] : joinsOf(count) };
  }
  return undefined;
}
