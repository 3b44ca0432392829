import { after } from '../geometry/loop.ts';
import type { Edge, Piece } from './piece.ts';

/** The armhole of a panel and the side edge below it: the upper stretch of a side that a bust dart parts in two. */
export function underarmOf(piece: Piece): { readonly armhole: Edge; readonly side: Edge } {
  const armhole = piece.edges.find(({ role }) => role === 'armhole');
  const side = armhole && after(piece.edges, armhole);
  if (!armhole || side?.role !== 'side') throw new Error(`${piece.id} has no side below its armhole`);
  return { armhole, side };
}
