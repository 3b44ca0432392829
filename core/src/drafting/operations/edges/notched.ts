import { edgeLength, edgeOf, type Notch, type Piece } from '../../../pieces/piece.ts';

/** Nearer to an end of its edge than this a notch marks nothing, mm. */
const AT_END = 2;

/** A piece with single notches on one of its edges, mm from that edge's start; places off the edge are left out. */
export function notched(
  piece: Piece,
  edge: string,
  places: readonly number[],
  marks?: Notch['marks'],
): Piece {
  const whole = edgeLength(edgeOf(piece, edge));
  const inside = places.filter((at) => at > AT_END && at < whole - AT_END);
  return {
    ...piece,
    notches: [
      ...piece.notches,
      ...inside.map((at) => ({ edge, at, kind: 'single' as const, ...(marks && { marks }) })),
    ],
  };
}

/** The middles of `count` equal parts of a length, so that the first and the last stand clear of its ends; mm. */
export const evenly = (count: number, length: number): number[] =>
  Array.from({ length: count }, (_, index) => ((index + 0.5) * length) / count);
