import type { Point } from '../../geometry/point.ts';
import { idsIn } from '../../pieces/named-edge.ts';
import { edgeOf, type ClothRole, type Face, type Piece } from '../../pieces/piece.ts';
import { seenEdge, type PlacedGarment } from '../place/placed-garment.ts';

/** The ground that the details of one view are drawn on. */
export interface DetailView {
  readonly garment: PlacedGarment;
  readonly face: Face;
  /** Every piece of the draft, those that do not lie on the torso too. */
  readonly pieces: readonly Piece[];
}

const isDown = (points: readonly Point[]): boolean => (points[0]?.y ?? 0) <= (points.at(-1)?.y ?? 0);

/** Points from the top down. */
export const downwards = (points: readonly Point[]): Point[] =>
  isDown(points) ? [...points] : [...points].reverse();

/** The points of the edge that a seam's name stands for, in the order of its path; none on the other face. */
export function seenPath({ garment, face }: DetailView, name: string): readonly Point[] {
  const ids = idsIn(name);
  const panel = garment.panels.find(({ piece }) => piece.id === ids.piece);
  return panel?.face === face ? seenEdge(garment, panel, edgeOf(panel.piece, ids.edge)) : [];
}

/** The same from the top down. */
export const seenNamed = (view: DetailView, name: string): Point[] => downwards(seenPath(view, name));

/** The cloth of a piece. */
export const clothOf = ({ pieces }: DetailView, id: string): ClothRole =>
  pieces.find((piece) => piece.id === id)?.role ?? 'outer';
