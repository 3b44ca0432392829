/** Pieces sewn in a row have one join fewer than pieces, and lose twice the join at each. */
export const piecedLength = (pieces: number, each: number, join: number): number =>
  pieces * each - (pieces - 1) * 2 * join;

/** A hair too short is not a reason for one more piece, mm. */
const NOISE = 1e-6;

/** How many pieces as long as the cloth is wide make a strip; `each` must be more than two joins. */
export const piecesFor = (length: number, each: number, join: number): number =>
  Math.max(1, Math.ceil((length - 2 * join - NOISE) / (each - 2 * join)));
