import { after, before } from '../geometry/loop.ts';
import { endDirection, endOf, startDirection, startOf } from '../geometry/curve.ts';
import { angleBetween, OUT, type Point } from '../geometry/point.ts';
import { idsIn } from '../pieces/named-edge.ts';
import {
  edgeLength,
  edgesWithRole,
  faces,
  type Edge,
  type EdgeRole,
  type PartName,
  type Piece,
} from '../pieces/piece.ts';
import { seamEdges, type Seam } from '../pieces/seam.ts';
import { edgeOfPiece, plus, sum, type Working } from '../workings/working.ts';

/** Kinds of joins. */
export const joinKinds = ['neck', 'armhole', 'waist'] as const;
export type JoinKind = (typeof joinKinds)[number];

/** A stretch of one edge in a join, in the direction in which the join runs. */
export interface JoinEdge {
  readonly piece: string;
  readonly edge: string;
  readonly length: number;
  /** Notches along it, mm from where the join reaches it. */
  readonly notches: readonly number[];
}

/** One side of a join, in front or behind: an armhole runs from the underarm up, a neck and a waist from the centre out. */
export interface JoinSide {
  readonly runs: readonly JoinEdge[];
  /** On the half garment, mm, with the sum of the edges that make it. */
  readonly length: Working;
  /** Its two ends, on its first piece and on its last: the underarm and the tip of the shoulder; the centre of a neck and its shoulder, of a waist and its side. */
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
const carrying: ReadonlySet<PartName> = new Set(['bodice', 'cup', 'base', 'yoke', 'waistband']);

const carries = ({ part, role }: Piece): boolean =>
  carrying.has(part) && role !== 'lining' && role !== 'stay';

const isLining = ({ part, role }: Piece): boolean => carrying.has(part) && role === 'lining';

/** From the side inwards; what a yoke carries comes last. */
const fromSide = ({ part, panel }: Piece): number => (part === 'yoke' ? 2 : panel === 'side' ? 0 : 1);

/**
 * The way of a join through the pieces of one face. Loops run clockwise: they leave the centre of a neck first, reach the
 * underarm of an armhole last, and come to the centre of a waist last.
 */
const ways: { readonly [kind in JoinKind]: { readonly fromSide: boolean; readonly isReversed: boolean } } = {
  neck: { fromSide: false, isReversed: false },
  armhole: { fromSide: true, isReversed: true },
  waist: { fromSide: false, isReversed: true },
};

const joinEdge = (piece: Piece, edge: Edge, isReversed: boolean): JoinEdge => {
  const length = edgeLength(edge);
  const notches = piece.notches
    .filter((notch) => notch.edge === edge.id)
    .map(({ at }) => (isReversed ? length - at : at))
    .sort((p, q) => p - q);
  return { piece: piece.id, edge: edge.id, length, notches };
};

function sideOf(pieces: readonly Piece[], kind: JoinKind): JoinSide | undefined {
  const way = ways[kind];
  const inOrder = [...pieces].sort((p, q) => (fromSide(p) - fromSide(q)) * (way.fromSide ? 1 : -1));
  const runs = inOrder.flatMap((piece) => {
    const edges = edgesWithRole(piece, kind);
    return (way.isReversed ? [...edges].reverse() : edges).map((edge) => ({ piece, edge }));
  });
  const [first, last] = [runs[0], runs.at(-1)];
  if (!first || !last) return undefined;
  const [from, to] = way.isReversed ? [endOf, startOf] : [startOf, endOf];
  return {
    runs: runs.map(({ piece, edge }) => joinEdge(piece, edge, way.isReversed)),
    length: sum(...runs.map(({ piece, edge }) => plus(edgeOfPiece(piece.name, kind, edgeLength(edge))))),
    start: from(first.edge.path),
    end: to(last.edge.path),
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

/** A neck turns by no more than this at a corner, or at the centre where its halves meet, for a collar to follow it; radians. */
const ROUND = Math.PI / 6;

const turnBetween = (p: Point, q: Point): number => Math.abs(angleBetween(p, q));

/** Edges along which a half meets the other. */
const meetsOther: ReadonlySet<EdgeRole> = new Set(['fold', 'centre'] as const);

/** Test of a neck: round in front, behind and at both centres, and closed by shoulders that are sewn. */
function isRound(pieces: readonly Piece[], sewn: ReadonlySet<string>): boolean {
  const carriers = pieces.filter((piece) => edgesWithRole(piece, 'neck').length > 0);
  // Where a front opens the collar ends, and meets no other half.
  const levelAtCentre = carriers.every((piece) =>
    edgesWithRole(piece, 'neck')
      .filter((edge) => meetsOther.has(before(piece.edges, edge).role))
      .every(({ path }) => turnBetween(startDirection(path), OUT) < ROUND),
  );
  const smooth = carriers
    .flatMap((piece) => edgesWithRole(piece, 'neck'))
    .every(({ path }) =>
      path.every((segment, index) => {
        const next = path[index + 1];
        return !next || turnBetween(endDirection([segment]), startDirection([next])) < ROUND;
      }),
    );
  const closed = faces.every((face) =>
    carriers
      .filter((piece) => piece.face === face)
      .some((piece) => edgesWithRole(piece, 'shoulder').some(({ id }) => sewn.has(`${piece.id}/${id}`))),
  );
  return levelAtCentre && smooth && closed;
}

/** Test of what goes around for a kind of join: no more is asked of a waist than that it is there. */
function fits(kind: JoinKind, pieces: readonly Piece[], sewn: ReadonlySet<string>): boolean {
  switch (kind) {
    case 'neck':
      return isRound(pieces, sewn);
    case 'armhole':
      return faces.every((face) =>
        reachesShoulder(
          pieces.filter((piece) => piece.face === face),
          sewn,
        ),
      );
    case 'waist':
      return true;
  }
}

/** Parts that take up a join once they are sewn to it. */
const sewnOn: ReadonlySet<PartName | undefined> = new Set([
  'collar',
  'sleeve',
  'skirt',
  'trousers',
  'strip',
] as const);

/** The part of the piece whose edge a seam names. */
const partOf = (pieces: readonly Piece[], name: string): PartName | undefined =>
  pieces.find(({ id }) => id === idsIn(name).piece)?.part;

const reference = ({ piece, edge }: JoinEdge): string => `${piece}/${edge}`;

/**
 * The join that a garment offers at its neck, its armholes or its waist, derived from the pieces that carry others; undefined where
 * they do not go all around, where no shoulder is sewn above the armhole, where a neck has corners, or where a part is sewn on
 * already. Pieces that were opened flat offer none: their two sides differ.
 */
export function joinOf(kind: JoinKind, pieces: readonly Piece[], seams: readonly Seam[]): Join | undefined {
  const outside = pieces.filter((piece) => carries(piece) && piece.cut.layers !== 'single');
  const join = aroundOn(kind, outside);
  const sewn = new Set(seams.flatMap(seamEdges));
  if (!join || !fits(kind, outside, sewn)) return undefined;
  const own = new Set([...join.front.runs, ...join.back.runs].map(reference));
  const isTaken = seams
    .filter((seam) => seamEdges(seam).some((name) => own.has(name)))
    .some((seam) => seamEdges(seam).some((name) => sewnOn.has(partOf(pieces, name))));
  return isTaken ? undefined : join;
}

/** The same join of the lining, where that goes all around as well. */
export const liningJoinOf = (kind: JoinKind, pieces: readonly Piece[]): Join | undefined =>
  aroundOn(kind, pieces.filter(isLining));

function aroundOn(kind: JoinKind, pieces: readonly Piece[]): Join | undefined {
  const [front, back] = faces.map((face) =>
    sideOf(
      pieces.filter((piece) => piece.face === face),
      kind,
    ),
  );
  return front && back && { kind, front, back };
}

/** Distance of a bodice’s first dart or seam from the centre along its waist, mm: the first dart of what hangs from it meets it. */
export const dartOut = ({ runs: [first, ...others] }: JoinSide): number | undefined =>
  others.length > 0 ? first?.length : undefined;

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
