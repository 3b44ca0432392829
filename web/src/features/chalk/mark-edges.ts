import type { Mark } from '@ample-bolt/core/chalk/mark';
import { cutLine, type CutEdge } from '@ample-bolt/core/pieces/cut-line';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import { edgeOf, type Piece } from '@ample-bolt/core/pieces/piece';
import { curveText, lineText, ringText } from '../../canvas/path-text.ts';

/** Worked out once for a piece: each of its marks asks for them. */
const known = new WeakMap<Piece, readonly CutEdge[]>();

/** The cut line edge by edge, from corner to corner. */
function cutEdgesOf(piece: Piece): readonly CutEdge[] {
  const edges = known.get(piece) ?? cutLine(piece).edges;
  known.set(piece, edges);
  return edges;
}

/** The lines that a mark draws on the piece, as SVG paths in mm. */
export function edgesOfMark({ piece, outline }: DraftedPiece, mark: Mark): string[] {
  switch (mark.kind) {
    case 'start-line':
    case 'level':
    case 'line':
    case 'dart':
      return [lineText(mark.points)];
    case 'slope':
    case 'curve':
      return [curveText(edgeOf(piece, mark.edge).path)];
    case 'allowance':
      return cutEdgesOf(piece)
        .filter(({ role }) => role === mark.role)
        .map(({ points }) => lineText(points));
    case 'trace':
    case 'label':
      return [ringText(outline)];
    case 'block':
    case 'place':
    case 'again':
    case 'point':
    case 'notch':
      return [];
  }
}
