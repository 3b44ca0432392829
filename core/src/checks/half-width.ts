import type { Point } from '../geometry/point.ts';
import type { Ring } from '../geometry/ring.ts';
import { contourIntake, contourOpening } from '../pieces/contour-dart.ts';
import { segmentLength } from '../geometry/segment.ts';
import { levelKind, type LevelName } from '../pieces/level.ts';
import { edgesWithRole, roleLength, type EdgeRole, type Piece } from '../pieces/piece.ts';
import { loopCrossings, ringCrossings, widthAlong, type Crossings } from '../pieces/level-width.ts';

/** An edge that ends this near to the centre line, mm, is not past it. */
const PAST_CENTRE = 0.01;

/**
 * Length of all edges of one role from the centre outwards: a stand or an overlap past the centre does not count, and what a
 * front was trimmed by for a strip does, since the strip brings it out to the centre again.
 */
function lengthFromCentre(piece: Piece, role: EdgeRole, centre: Point | undefined): number {
  if (piece.cut.layers === 'single') return roleLength(piece, role);
  const segments = edgesWithRole(piece, role)
    .flatMap(({ path }) => path)
    .filter(({ a, b }) => a.x > -PAST_CENTRE && b.x > -PAST_CENTRE);
  const innermost = Math.min(...segments.flatMap(({ a, b }) => [a.x, b.x]));
  const sewn = segments.reduce((total, segment) => total + segmentLength(segment), 0);
  return segments.length > 0 && centre ? sewn + Math.max(0, innermost - centre.x) : sewn;
}

/** Depth of a level at a place, x in mm. */
function heightAt(path: readonly Point[], x: number): number {
  const index = path.findIndex((p) => p.x >= x);
  const [from, to] = [path[Math.max(0, index - 1)], path.at(index)];
  if (!from || !to) return 0;
  return to.x === from.x ? to.y : from.y + ((x - from.x) / (to.x - from.x)) * (to.y - from.y);
}

function widthAt(piece: Piece, crossings: Crossings, level: LevelName): number {
  const found = piece.levels.find(({ name }) => name === level);
  const seam = levelKind(level).seam ?? found?.along;
  // Around a limb there is no centre to count from.
  const isLimb = levelKind(level).around !== 'torso';
  const along = !seam ? 0 : isLimb ? roleLength(piece, seam) : lengthFromCentre(piece, seam, found?.path[0]);
  if (along > 0) return along;
  if (!found) throw new Error(`${piece.id} has no ${level} level`);
  const taken = (piece.contours ?? []).reduce(
    (total, dart) =>
      total +
      (level === 'waist' ? contourIntake(dart) : contourOpening(dart, heightAt(found.path, dart.top.x))),
    0,
  );
  return widthAlong(crossings, found.path) - taken;
}

/** Finished width of one half-piece at a level, measured on its stitch ring, mm: a waist that is a seam is measured along it, other levels straight across. */
export const halfWidth = (piece: Piece, stitch: Ring, level: LevelName): number =>
  widthAt(piece, ringCrossings(stitch), level);

/** The same on the curves themselves, mm: drafting gives back by it, since what chords leave out would make the draft jump. */
export const drawnHalfWidth = (piece: Piece, level: LevelName): number =>
  widthAt(piece, loopCrossings(piece.edges.flatMap(({ path }) => path)), level);
