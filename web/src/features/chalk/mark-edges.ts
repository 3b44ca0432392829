import type { Mark } from '@ample-bolt/core/chalk/mark';
import { edgesUnderRoofs } from '@ample-bolt/core/pieces/dart-roof';
import { offsetEdge } from '@ample-bolt/core/pieces/cut-line';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import { edgeOf } from '@ample-bolt/core/pieces/piece';
import { curveText, lineText, ringText } from '../../canvas/path-text.ts';

/** The lines that a mark draws on the piece, as SVG paths in mm. */
export function edgesOfMark({ piece, outline }: DraftedPiece, mark: Mark): string[] {
  switch (mark.kind) {
    case 'start-line':
    case 'level':
    case 'dart':
      return [lineText(mark.points)];
    case 'slope':
    case 'curve':
      return [curveText(edgeOf(piece, mark.edge).path)];
    case 'allowance':
      return edgesUnderRoofs(piece)
        .filter(({ role }) => role === mark.role)
        .map((edge) => lineText(offsetEdge(edge)));
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
