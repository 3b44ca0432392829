import type { MeasureId } from '../measures/catalogue.ts';

/** Fullness of side a against side b over a stretch. */
export type Fullness =
  | { readonly kind: 'equal' }
  | { readonly kind: 'ease'; readonly mm: number }
  | { readonly kind: 'gather'; readonly ratio: number }
  /** Folded away in so many pleats, each this deep: twice the depth is taken up by one. They lie towards the start or the end of the seam. */
  | {
      readonly kind: 'pleats';
      readonly count: number;
      readonly depth: number;
      readonly towards: 'start' | 'end';
    };

/** Relation of the lengths of two joined sides, mm. */
export type SeamRelation =
  | Fullness
  /** Both sides have notches that meet: from one to the next, side a has so much more than side b, in the order of both sides. */
  | { readonly kind: 'between-notches'; readonly fullness: readonly Fullness[] };

/** A stretch of an edge in a seam. */
export interface SeamRun {
  /** Named as piece/edge. */
  readonly edge: string;
  /** The stretch of it that is sewn, mm from where its loop enters it; all of it unless it is said. */
  readonly from?: number;
  readonly to?: number;
  /** Sewn so many times one after the other, or so many layers of it at once: the same edge of copies of a piece. */
  readonly times?: number;
  /** Sewn against the loop of its piece. A seam that says so of any run is walked as it says; in any other the ways that fit best are found. */
  readonly reversed?: boolean;
}

/** Stretches of edges in the order in which they are sewn. */
export type SeamSide = readonly SeamRun[];

/** Two sides that are sewn to each other. */
export interface Seam {
  readonly id: string;
  readonly a: SeamSide;
  readonly b: SeamSide;
  readonly relation: SeamRelation;
  /** The measure to look at first when the sides differ. */
  readonly governing: MeasureId;
}

/** A side of whole edges, each sewn once. */
export const whole = (names: readonly string[]): SeamSide => names.map((edge) => ({ edge }));

/** The edges that a side, or a seam, lies on; one that is sewn more than once may be named as often. */
export const edgesOn = (side: SeamSide): string[] => side.map(({ edge }) => edge);
export const seamEdges = ({ a, b }: Pick<Seam, 'a' | 'b'>): string[] => edgesOn([...a, ...b]);

export const equalSeam = (
  id: string,
  a: readonly string[],
  b: readonly string[],
  governing: MeasureId,
): Seam => ({ id, a: whole(a), b: whole(b), relation: { kind: 'equal' }, governing });
