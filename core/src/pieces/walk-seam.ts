import { edgeLength, edgeOf, type Piece } from './piece.ts';
import type { Seam } from './seam.ts';

/** One side of a seam laid out straight: its length, where one edge gives over to the next, and its notches; mm from its start. */
export interface WalkedSide {
  readonly length: number;
  readonly joins: readonly number[];
  readonly notches: readonly number[];
}

/** Both sides of a seam walked along each other from one end. */
export interface WalkedSeam {
  readonly a: WalkedSide;
  readonly b: WalkedSide;
  /** The largest distance between notches that meet, mm; undefined where the sides have none to compare. */
  readonly apart: number | undefined;
}

/** Edges of a seam may be drawn towards each other: `turn` lays one the other way round. */
function sideOf(
  pieces: readonly Piece[],
  references: readonly string[],
  turn: (index: number) => boolean,
): WalkedSide {
  let length = 0;
  const joins: number[] = [];
  const notches: number[] = [];
  references.forEach((reference, index) => {
    const [pieceId, edgeId = ''] = reference.split('/');
    const piece = pieces.find(({ id }) => id === pieceId);
    if (!piece) throw new Error(`a seam names ${reference}, which is not drafted`);
    const whole = edgeLength(edgeOf(piece, edgeId));
    if (index > 0) joins.push(length);
    for (const { edge, at } of piece.notches)
      if (edge === edgeId) notches.push(length + (turn(index) ? whole - at : at));
    length += whole;
  });
  return { length, joins, notches: notches.sort((p, q) => p - q) };
}

const reversed = ({ length, joins, notches }: WalkedSide): WalkedSide => ({
  length,
  joins: joins.map((at) => length - at).reverse(),
  notches: notches.map((at) => length - at).reverse(),
});

/** How far the notches of two sides lie apart where both have as many; undefined where they cannot be compared. */
function apart(a: WalkedSide, b: WalkedSide): number | undefined {
  if (a.notches.length === 0 || a.notches.length !== b.notches.length) return undefined;
  return Math.max(...a.notches.map((at, index) => Math.abs(at - (b.notches[index] ?? at))));
}

/**
 * Lays both sides of a seam out straight from the end where they start together. Which way each edge runs in its piece is no
 * matter: the second side, and the edges of a side of several, are turned the way round in which most notches meet.
 */
export function walkSeam(pieces: readonly Piece[], seam: Pick<Seam, 'a' | 'b'>): WalkedSeam {
  const ways = (references: readonly string[]) => {
    const along = sideOf(pieces, references, () => false);
    const against = sideOf(pieces, references, () => true);
    return references.length > 1
      ? [along, against, reversed(along), reversed(against)]
      : [along, reversed(along)];
  };
  const firsts = seam.a.length > 1 ? ways(seam.a) : [sideOf(pieces, seam.a, () => false)];
  const pairs = firsts.flatMap((a) => ways(seam.b).map((b) => ({ a, b, apart: apart(a, b) })));
  const best = pairs.reduce((least, pair) =>
    (pair.apart ?? Infinity) < (least.apart ?? Infinity) ? pair : least,
  );
  return best;
}
