import { point, type Point } from '../../geometry/point.ts';
import type { Ring } from '../../geometry/ring.ts';
import type { ClothRole } from '../../pieces/piece.ts';

export type Fold = 'open' | 'half' | 'width' | 'two' | 'four' | 'cross';
export const folds: readonly Fold[] = ['open', 'half', 'width', 'two', 'four', 'cross'];

/** How a lay is made: by one fold from end to end, or folded again along the length. */
export type LayWay = Fold | 'mixed';
export const layWays: readonly LayWay[] = [...folds, 'mixed'];

/** A stretch of the cloth's length that is folded in one way; x and y in mm on the opened cloth. */
export interface Section {
  readonly fold: Fold;
  readonly from: number;
  readonly to: number;
  /** Where it is creased: x along the length, y for a cross fold; folded in four, first the x and then the y. */
  readonly foldLines: readonly number[];
  /** From where to where across it lies double by creases along the length, or, by a cross fold alone, its whole width. */
  readonly doubled: readonly (readonly [number, number])[];
}

/** A line that cloth is creased on: along the length at an x, or across it at a y. */
export interface Crease {
  readonly axis: 'x' | 'y';
  readonly at: number;
}

/** A crease from end to end of its section, or from side to side of cloth so wide, mm. */
export const creaseLine = (
  { axis, at }: Crease,
  { from, to }: Pick<Section, 'from' | 'to'>,
  width: number,
): readonly [Point, Point] =>
  axis === 'x' ? [point(at, from), point(at, to)] : [point(0, at), point(width, at)];

export const creasesOf = ({ fold, foldLines }: Section): Crease[] =>
  foldLines.map((at, index) => ({
    axis: fold === 'cross' || (fold === 'four' && index === 1) ? 'y' : 'x',
    at,
  }));

/** Degrees that pieces lie at. */
export const rotations: readonly number[] = [0, 45, 90, 135, 180, 225, 270, 315];

/** One copy of a piece as it lies on the opened cloth. */
export interface Placement {
  readonly piece: string;
  readonly copy: number;
  /** x from the left selvedge, y along the length from the start, mm. */
  readonly polygon: Ring;
  /** Degrees, clockwise with y down, after mirroring: 0 or 180 with the grain along the cloth, 90 or 270 across it, between them on the bias. */
  readonly rotation: number;
  readonly mirrored: boolean;
  readonly onFold: boolean;
  readonly section: number;
}

export interface Purchase {
  readonly amount: number;
  readonly unit: 'yd' | 'm';
}

/** What another ticket has on the same stretch of cloth, its pieces by their own ids. */
export interface Beside {
  readonly ticket: string;
  /** The ticket's number. */
  readonly number: number;
  readonly placements: readonly Placement[];
}

/** A proved arrangement of all pieces of one role on one cloth. */
export interface Lay {
  /** Which lay it is, once it is stored: what is chalked on it counts for no other. */
  readonly id?: string | undefined;
  readonly role: ClothRole;
  readonly width: number;
  readonly usable: readonly [number, number];
  readonly length: number;
  readonly buy: Purchase;
  /** Piece area ÷ (usable width × length). */
  readonly utilisation: number;
  readonly fold: LayWay;
  readonly sections: readonly Section[];
  readonly placements: readonly Placement[];
  /** A length that no lay of these pieces on this cloth can beat, mm. */
  readonly bound: number;
  /** Where several tickets share the cloth. */
  readonly beside?: readonly Beside[] | undefined;
  /** The number of the ticket that buys the cloth, where that is another one. */
  readonly boughtBy?: number | undefined;
}

/** Within this a polygon's edge is said to lie on the fold, mm. */
const ON_FOLD = 0.05;

/** Which side of a crease is folded under what is chalked: the nearer to the left selvedge or the start, but for the second of two folds. */
const isBefore = ({ polygon }: Placement, { axis, at }: Crease): boolean =>
  polygon.every((p) => p[axis] <= at + ON_FOLD);

/** Whether a placement is an under layer of folded cloth: cut with its twin, and not chalked itself. */
function isUnder(placement: Placement, sections: readonly Section[]): boolean {
  const section = sections[placement.section];
  if (!section) return false;
  return creasesOf(section).some((crease, index) => {
    if (crease.axis === 'x' && placement.onFold) return false;
    return section.fold === 'two' && index === 1
      ? placement.polygon.every(({ x }) => x >= crease.at - ON_FOLD)
      : isBefore(placement, crease);
  });
}

/** The placements that are chalked: on double cloth one outline cuts two, and an opened fold is chalked as its half. */
export const chalkedPlacements = ({ placements, sections }: Lay): Placement[] =>
  placements.filter((placement) => !isUnder(placement, sections));

export const outlineCount = (lay: Lay): number => chalkedPlacements(lay).length;
