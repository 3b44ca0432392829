import { after } from '../geometry/loop.ts';
import type { Edge, Piece } from './piece.ts';

/** Where a panel's armhole meets its side: both edges; a bust dart may part the side in two, then it is the upper stretch. */
export function underarmOf(piece: Piece): { readonly armhole: Edge; readonly side: Edge } {
  const armhole = piece.edges.find(({ role }) => role === 'armhole');
  const side = armhole && after(piece.edges, armhole);
  if (!armhole || side?.role !== 'side') throw new Error(`${piece.id} has no side below its armhole`);
  return { armhole, side };
}
