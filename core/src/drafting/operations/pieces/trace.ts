import type { Dimension } from '../../../pieces/dimension.ts';
import { edgeLength, type ClothRole, type Edge, type EdgeRole, type Piece } from '../../../pieces/piece.ts';
import { capital } from '../../../text/capital.ts';
import { edgeName } from '../../../pieces/edge-name.ts';
import { edgeOfPiece } from '../../../workings/working.ts';
import { copyInto } from './copy-into.ts';

/** A piece traced into another cloth with one allowance all round, as a layer that is laid over: only a fold carries none. */
export const traceWithAllowance = (piece: Piece, role: ClothRole, allowance: number): Piece => ({
  ...copyInto(piece, role),
  edges: piece.edges.map((edge) => (edge.role === 'fold' ? edge : { ...edge, allowance })),
  dimensions: (piece.dimensions ?? []).map((dimension): Dimension =>
    dimension.adds
      ? { ...dimension, adds: 'overlay', ...(dimension.addsBefore && { addsBefore: 'overlay' as const }) }
      : dimension,
  ),
});

const uncut: ReadonlySet<EdgeRole> = new Set(['fold', 'dart']);

/** A piece that is traced around another is measured by its edges, each as long as there. */
export const edgesAsOn = (template: Piece): Dimension[] =>
  template.edges
    .filter(({ role }) => !uncut.has(role))
    .map((edge: Edge): Dimension => ({
      name: `${edge.id}-edge`,
      label: capital(edgeName(edge.id)),
      kind: 'length',
      at: { kind: 'edge', edge: edge.id },
      working: edgeOfPiece(template.name, edgeName(edge.id), edgeLength(edge)),
    }));
