import type { Point } from '../../geometry/point.ts';
import { edgeOf, type ClothRole, type Piece } from '../../pieces/piece.ts';
import type { Face } from '../place/panel.ts';
import { seenEdge, type PlacedGarment } from '../place/placed-garment.ts';

/** What the details of one view are drawn on. */
export interface DetailView {
  readonly garment: PlacedGarment;
  readonly face: Face;
  /** Every piece of the draft, those that do not lie on the torso too. */
  readonly pieces: readonly Piece[];
}

export const isDown = (points: readonly Point[]): boolean => (points[0]?.y ?? 0) <= (points.at(-1)?.y ?? 0);

/** Points from the top down. */
export const downwards = (points: readonly Point[]): Point[] =>
  isDown(points) ? [...points] : [...points].reverse();

/** The points of the edge that a seam's name stands for, in the order of its path; none on the other face. */
export function seenPath({ garment, face }: DetailView, name: string): readonly Point[] {
  const [pieceId, edgeId = ''] = name.split('/');
  const panel = garment.panels.find(({ piece }) => piece.id === pieceId);
  return panel?.face === face ? seenEdge(garment, panel, edgeOf(panel.piece, edgeId)) : [];
}

/** The same from the top down. */
export const seenNamed = (view: DetailView, name: string): Point[] => downwards(seenPath(view, name));

/** The cloth of a piece. */
export const clothOf = ({ pieces }: DetailView, id: string): ClothRole =>
  pieces.find((piece) => piece.id === id)?.role ?? 'outer';
