import { partedAt, reverseCurve, type Curve } from '../../../geometry/curve.ts';
import { edgeLength, type Edge, type Notch, type Piece } from '../../../pieces/piece.ts';
import type { PlaceOnLoop } from '../../../pieces/place-on-loop.ts';

/** One side of a cut: its edges in loop order without the cut itself, and the notches on them. */
export interface Part {
  readonly edges: readonly Edge[];
  readonly notches: readonly Notch[];
}

/** A cut this near to an end of its edge, mm, runs through the corner. */
const AT_CORNER = 1e-6;

const withPath = (edge: Edge, path: Curve): Edge[] => (path.length > 0 ? [{ ...edge, path }] : []);

/**
 * Cuts a loop from a place on one edge to a place on another. `between` runs from `from` to `to` in loop order,
 * `beyond` on from `to` round to `from`; each still lacks the cut that closes it. Old edge lengths add up to the new.
 * Throws when the two places lie on one edge.
 */
export function splitAcross(
  piece: Piece,
  from: PlaceOnLoop,
  to: PlaceOnLoop,
): { between: Part; beyond: Part } {
  const { edges } = piece;
  const indexOf = ({ edge }: PlaceOnLoop) => edges.findIndex(({ id }) => id === edge);
  const [first, last] = [indexOf(from), indexOf(to)];
  const [fromEdge, toEdge] = [edges[first], edges[last]];
  if (!fromEdge || !toEdge || first === last)
    throw new Error(`${piece.id} cannot be cut from ${from.edge} to ${to.edge}`);
  const [fromHead, fromTail] = partedAt(fromEdge.path, from.at, AT_CORNER);
  const [toHead, toTail] = partedAt(toEdge.path, to.at, AT_CORNER);
  const run = (start: number, end: number) =>
    Array.from(
      { length: (end - start - 1 + edges.length) % edges.length },
      (_, step) => edges[(start + 1 + step) % edges.length],
    ).filter((edge) => edge !== undefined);
  const between = [...withPath(fromEdge, fromTail), ...run(first, last), ...withPath(toEdge, toHead)];
  const beyond = [...withPath(toEdge, toTail), ...run(last, first), ...withPath(fromEdge, fromHead)];
  return { between: partOf(piece, between, from), beyond: partOf(piece, beyond, to) };
}

/** The notches that lie on a part's edges; on an edge that lost its head they count from the cut. */
function partOf(piece: Piece, edges: readonly Edge[], start: PlaceOnLoop): Part {
  const notches = piece.notches.flatMap((notch) => {
    const edge = edges.find(({ id }) => id === notch.edge);
    if (!edge) return [];
    const at = notch.edge === start.edge ? notch.at - start.at : notch.at;
    return at > 0 && at < edgeLength(edge) ? [{ ...notch, at }] : [];
  });
  return { edges, notches };
}

export const reversedEdge = (edge: Edge): Edge => ({ ...edge, path: reverseCurve(edge.path) });
