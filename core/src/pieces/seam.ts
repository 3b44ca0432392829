import type { MeasureId } from '../measures/catalogue.ts';

/** What two joined edges owe each other, lengths in mm. */
export type SeamRelation =
  | { readonly kind: 'equal' }
  | { readonly kind: 'ease'; readonly mm: number }
  | { readonly kind: 'gather'; readonly ratio: number }
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
