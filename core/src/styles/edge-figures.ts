import type { Figure } from '../drafting/draft.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { edgeLength, type Edge } from '../pieces/piece.ts';
import { capital } from '../words/capital.ts';
import { edgeName } from '../words/names.ts';
import { drawn, type Working } from '../workings/working.ts';
import { endMoved, insideFigure } from './figure-parts.ts';

const isSewnOrCut = ({ role }: Edge): boolean => role !== 'fold' && role !== 'dart';

/**
 * The lengths of a piece's edges: all that a piece traced from another has to be measured by, and the measures of a strip.
 * An edge with a sum of its own shows it; the rest are as drawn.
 */
export const edgeFigures = (piece: DraftedPiece, sums: { readonly [edge: string]: Working } = {}): Figure[] =>
  piece.piece.edges.filter(isSewnOrCut).map((edge) => {
    const mm = edgeLength(edge);
    return insideFigure(
      piece,
      'length',
      `${edge.id}-edge`,
      capital(edgeName(edge.id)),
      mm,
      sums[edge.id] ?? drawn('as drawn', mm),
      'as drawn',
      endMoved(piece, edge),
    );
  });
