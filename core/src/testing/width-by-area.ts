import { areaD, FillRule, intersectD } from 'clipper2-ts';
import { add, point, scale, subtract, unitVector, type Point } from '../geometry/point.ts';
import type { Ring } from '../geometry/ring.ts';

/** The ribbon that a width is cut out with lies this far to either side of the level, mm. */
const ASIDE = 0.5;
/** The ribbon is carried on past the level's end, to be sure to leave the piece, mm. */
const BEYOND = 100;

function ribbon(from: Point, to: Point): Point[] {
  const aside = scale(unitVector(point(from.y - to.y, to.x - from.x)), ASIDE);
  return [add(from, aside), add(to, aside), subtract(to, aside), subtract(from, aside)];
}

/**
 * Width of a piece along a level that starts level at the centre, mm, by another way than the checks go: the area that a thin
 * ribbon along the level has in common with the stitch ring, by Clipper2, a general polygon library, over the ribbon's height.
 * What a neckline or a strip leaves bare at the centre counts, since the body is as wide there.
 */
export function widthByArea(stitch: Ring, level: readonly Point[]): number {
  return level.slice(1).reduce((width, end, index) => {
    const from = level[index] ?? end;
    const isLast = index === level.length - 2;
    const to = isLast ? add(end, scale(unitVector(subtract(end, from)), BEYOND)) : end;
    const common = intersectD([[...stitch]], [ribbon(from, to)], FillRule.NonZero, 4);
    const covered = Math.abs(common.reduce((sum, path) => sum + areaD(path), 0)) / (2 * ASIDE);
    const bare = index === 0 ? Math.min(...common.flat().map(({ x }) => x)) - from.x : 0;
    return width + covered + bare;
  }, 0);
}
