import { after } from '../geometry/loop.ts';
import { endOf, startOf } from '../geometry/curve.ts';
import type { Point } from '../geometry/point.ts';
import { idsIn } from '../pieces/named-edge.ts';
import {
  edgeLength,
  edgesWithRole,
  faces,
  type Edge,
  type Face,
  type PartName,
  type Piece,
} from '../pieces/piece.ts';
import type { Seam } from '../pieces/seam.ts';
import { edgeOfPiece, plus, sum, type Working } from '../workings/working.ts';

/** Kinds of joins. */
export const joinKinds = ['armhole', 'waist'] as const;
export type JoinKind = (typeof joinKinds)[number];

/** A stretch of one edge in a join, in the direction in which the join runs. */
export interface JoinEdge {
  readonly piece: string;
  readonly edge: string;
  readonly length: number;
  /** Notches along it, mm from where the join reaches it. */
  readonly notches: readonly number[];
}

/** One side of a join, in front or behind: an armhole runs from the underarm up, a waist from the centre out. */
export interface JoinSide {
  readonly runs: readonly JoinEdge[];
  /** On the half garment, mm, with the sum of the edges that make it. */
  readonly length: Working;
  /** Its two ends, on its first piece and on its last: the underarm and the tip of the shoulder, or the centre of a waist and its side. */
  readonly start: Point;
  readonly end: Point;
}

/** A join that a garment offers to a part: both sides on the half garment. */
export interface Join {
  readonly kind: JoinKind;
  readonly front: JoinSide;
  readonly back: JoinSide;
}

/** Parts that lie outside and carry others; a layer of net that lies over them carries none. */
const carrying: ReadonlySet<PartName> = new Set(['bodice', 'cup', 'base', 'yoke']);

const carries = ({ part, role }: Piece): boolean =>
  carrying.has(part) && role !== 'lining' && role !== 'stay';

/** From the side inwards; what a yoke carries comes last. */
const fromSide = ({ part, panel }: Piece): number => (part === 'yoke' ? 2 : panel === 'side' ? 0 : 1);

/** The edges of a role on a piece in the order from its side: loops run clockwise, so that they reach the underarm last and leave the side of a waist first. */
function edgesFromSide(
  piece: Piece,
  kind: JoinKind,
): { readonly edge: Edge; readonly isReversed: boolean }[] {
  const edges = edgesWithRole(piece, kind);
  return kind === 'armhole'
    ? [...edges].reverse().map((edge) => ({ edge, isReversed: true }))
    : edges.map((edge) => ({ edge, isReversed: false }));
}

const joinEdge = (piece: Piece, edge: Edge, isReversed: boolean): JoinEdge => {
  const length = edgeLength(edge);
  const notches = piece.notches
    .filter((notch) => notch.edge === edge.id)
    .map(({ at }) => (isReversed ? length - at : at))
    .sort((p, q) => p - q);
  return { piece: piece.id, edge: edge.id, length, notches };
};

/** The same edge along which the join runs the other way. */
const turned = ({ notches, ...edge }: JoinEdge): JoinEdge => ({
  ...edge,
  notches: notches.map((at) => edge.length - at).reverse(),
});

function sideOf(pieces: readonly Piece[], kind: JoinKind): JoinSide | undefined {
  const inOrder = [...pieces].sort((p, q) => fromSide(p) - fromSide(q));
  const runs = inOrder.flatMap((piece) =>
    edgesFromSide(piece, kind).map(({ edge, isReversed }) => ({ piece, edge, isReversed })),
  );
  const [first, last] = [runs[0], runs.at(-1)];
  if (!first || !last) return undefined;
  const fromTheSide = runs.map(({ piece, edge, isReversed }) => joinEdge(piece, edge, isReversed));
  const edges = kind === 'armhole' ? fromTheSide : fromTheSide.map(turned).reverse();
  return {
    runs: edges,
    length: sum(...runs.map(({ piece, edge }) => plus(edgeOfPiece(piece.name, kind, edgeLength(edge))))),
    start: kind === 'armhole' ? endOf(first.edge.path) : endOf(last.edge.path),
    end: kind === 'armhole' ? startOf(last.edge.path) : startOf(first.edge.path),
  };
}

/** Test of a run of armholes: it reaches from the side to a shoulder that is sewn to the other half. */
function reachesShoulder(pieces: readonly Piece[], sewn: ReadonlySet<string>): boolean {
  const hasSide = pieces.some((piece) =>
    edgesWithRole(piece, 'armhole').some((edge) => after(piece.edges, edge).role === 'side'),
  );
  return (
    hasSide &&
    pieces.some((piece) =>
      edgesWithRole(piece, 'shoulder').some(
        (edge) => sewn.has(`${piece.id}/${edge.id}`) && after(piece.edges, edge).role === 'armhole',
      ),
    )
  );
}

/** Parts that take up a join once they are sewn to it. */
const sewnOn: ReadonlySet<PartName | undefined> = new Set(['sleeve', 'skirt', 'strip'] as const);

/** The part of the piece whose edge a seam names. */
const partOf = (pieces: readonly Piece[], name: string): PartName | undefined =>
  pieces.find(({ id }) => id === idsIn(name).piece)?.part;

const reference = ({ piece, edge }: JoinEdge): string => `${piece}/${edge}`;

/**
 * The join that a garment offers at its armholes or at its waist, derived from the pieces that carry others; undefined where they do not
 * go all around, where no shoulder is sewn above the armhole, or where a part is sewn on already. Pieces that were opened flat
 * offer none: their two sides differ.
 */
export function joinOf(kind: JoinKind, pieces: readonly Piece[], seams: readonly Seam[]): Join | undefined {
  const outside = pieces.filter((piece) => carries(piece) && piece.cut.layers !== 'single');
  const faced = (face: Face) => outside.filter((piece) => piece.face === face);
  const sewn = new Set(seams.flatMap(({ a, b }) => [...a, ...b]));
  const [front, back] = [sideOf(faced('front'), kind), sideOf(faced('back'), kind)];
  if (!front || !back) return undefined;
  if (kind === 'armhole' && !faces.every((face) => reachesShoulder(faced(face), sewn))) return undefined;
  const own = new Set([...front.runs, ...back.runs].map(reference));
  const isTaken = seams
    .filter(({ a, b }) => [...a, ...b].some((name) => own.has(name)))
    .some(({ a, b }) => [...a, ...b].some((name) => sewnOn.has(partOf(pieces, name))));
  return isTaken ? undefined : { kind, front, back };
}

/** The edges of a side as seams name them. */
export const joinEdges = ({ runs }: JoinSide): string[] => runs.map(reference);

/** The notches of a side, mm from its start. */
export function joinNotches({ runs }: JoinSide): number[] {
  let before = 0;
  return runs.flatMap(({ length, notches }) => {
    const start = before;
    before += length;
    return notches.map((at) => start + at);
  });
}

/** The place so many mm along a side: the edge, and the length along it from where the join reaches it. */
export function alongJoin({ runs }: JoinSide, mm: number): { readonly edge: JoinEdge; readonly at: number } {
  let left = mm;
  for (const edge of runs) {
    if (left <= edge.length) return { edge, at: left };
    left -= edge.length;
  }
  throw new Error(`a join is shorter than ${mm.toFixed(1)} mm`);
}
