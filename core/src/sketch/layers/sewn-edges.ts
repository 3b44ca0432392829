import type { Edge, EdgeRole, Piece } from '../../pieces/piece.ts';
import { edgesOn, seamEdges, type Seam } from '../../pieces/seam.ts';
import { edgesByName, nameOfEdge } from '../../pieces/named-edge.ts';

/** Names of edges that are sewn to something that is seen, and of those that are drawn as their partner's line. */
export interface Sewn {
  readonly sewn: ReadonlySet<string>;
  readonly drawnByPartner: ReadonlySet<string>;
}

/** The edges that seams sew together: of pieces that are seen, and of those of them that lie on the torso as panels. */
export function sewnEdges(seams: readonly Seam[], seen: readonly Piece[], panels: readonly Piece[]): Sewn {
  const [onSeen, onPanel] = [edgesByName(seen), edgesByName(panels)];
  const shown = seams.filter((seam) => seamEdges(seam).every((name) => onSeen(name)));
  const placed = shown.filter((seam) => seamEdges(seam).every((name) => onPanel(name)));
  const first = new Set(placed.flatMap(({ a }) => edgesOn(a)));
  return {
    sewn: new Set(shown.flatMap(seamEdges)),
    drawnByPartner: new Set(placed.flatMap(({ b }) => edgesOn(b)).filter((edge) => !first.has(edge))),
  };
}

const freeRoles: readonly EdgeRole[] = ['neck', 'armhole', 'top', 'hem', 'front', 'slit', 'waist'];

/** Test of an edge that nothing is sewn to, so that it is drawn strong; net over a neck leaves it so. */
export const isFree = ({ sewn }: Sewn, piece: Piece, edge: Edge): boolean =>
  freeRoles.includes(edge.role) &&
  (!sewn.has(nameOfEdge(piece, edge)) || (edge.role === 'neck' && piece.role === 'net'));
