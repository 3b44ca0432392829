import type { Ring } from '../geometry/ring.ts';
import { point, type Point } from '../geometry/point.ts';
import type { ClothRole } from '../pieces/piece.ts';

/** The face of cloth that is seen: its right side, its inside in shade, or thin cloth that what lies behind shows through. */
export type Tone = 'right' | 'inside' | 'sheer';

/** A shape of a sketch, which is drawn from the back layer to the front; mm, x out from the centre as seen, y down. */
export type Shape =
  | { readonly kind: 'cloth'; readonly ring: Ring; readonly cloth: ClothRole; readonly tone: Tone }
  /** A line around what is about to be filled, in the contrast of the ground. */
  | { readonly kind: 'contour'; readonly ring: Ring }
  /** The ground, where it is seen through the garment. */
  | { readonly kind: 'gap'; readonly ring: Ring }
  | { readonly kind: 'line'; readonly points: readonly Point[]; readonly pen: Pen }
  /** A cord of cloth, by its width. */
  | {
      readonly kind: 'cord';
      readonly points: readonly Point[];
      readonly width: number;
      readonly cloth: ClothRole;
    }
  | { readonly kind: 'dot'; readonly at: Point; readonly radius: number };

/** A free edge, a seam at the silhouette, a seam or dart, folds and gathers, stitching, and the pale person. */
export type Pen = 'edge' | 'side' | 'seam' | 'fine' | 'stitch' | 'person';

export const line = (points: readonly Point[], pen: Pen): Shape => ({ kind: 'line', points, pen });

export const mirrored = (points: readonly Point[]): Point[] => points.map(({ x, y }) => point(-x, y));

/** Cloth with a contour behind it. */
export const filled = (ring: Ring, cloth: ClothRole, tone: Tone = 'right'): Shape[] => [
  { kind: 'contour', ring },
  { kind: 'cloth', ring, cloth, tone },
];

/** Every point of a shape. */
export function pointsOf(shape: Shape): readonly Point[] {
  switch (shape.kind) {
    case 'cloth':
    case 'contour':
    case 'gap':
      return shape.ring;
    case 'line':
    case 'cord':
      return shape.points;
    case 'dot':
      return [shape.at];
  }
}
