import type { MeasureId } from '../measures/catalogue.ts';

/** Fullness of side a against side b between two notches. */
export type Fullness =
  | { readonly kind: 'equal' }
  | { readonly kind: 'ease'; readonly mm: number }
  | { readonly kind: 'gather'; readonly ratio: number }
  /** Folded away in so many pleats, each this deep: twice the depth is taken up by one. */
  | { readonly kind: 'pleats'; readonly count: number; readonly depth: number };

/** Relation of the lengths of two joined sides, mm. */
export type SeamRelation =
  | Fullness
  /**
   * Both sides have notches that meet: from one to the next, side a has so much more than side b, in the order of both sides.
   * `reversed` says whose edges are sewn against the loops of their pieces.
   */
  | {
      readonly kind: 'between-notches';
      readonly fullness: readonly Fullness[];
      readonly reversed: { readonly a: boolean; readonly b: boolean };
    }
  /** Sewn over a part of side b only: `free` mm of it stay finished apart; side a is `layers` thick, folded on itself. */
  | { readonly kind: 'part'; readonly free: number; readonly layers: number };

/** Edges named as piece/edge, in the order in which they are sewn. */
export interface Seam {
  readonly id: string;
  readonly a: readonly string[];
  readonly b: readonly string[];
  readonly relation: SeamRelation;
  /** The measure to look at first when the sides differ. */
  readonly governing: MeasureId;
}

export const equalSeam = (
  id: string,
  a: readonly string[],
  b: readonly string[],
  governing: MeasureId,
): Seam => ({ id, a, b, relation: { kind: 'equal' }, governing });
