import { levelKind, timesOnBody, type LevelName } from './level.ts';
import type { Face, Piece } from './piece.ts';

/** The run of a level over one piece. */
export interface LevelRun {
  readonly piece: string;
  /** Number of times that its width, measured on the piece as it is drafted, counts in the girth. */
  readonly times: number;
}

/** A closed girth of the garment: the level runs that make it, and what it should come to. */
export interface Girth {
  readonly level: LevelName;
  readonly runs: readonly LevelRun[];
  /** The face that it goes over alone, where the garment is open or laced on the other. */
  readonly face?: Face;
  /** The body's own girth there, or its part on that face, mm. */
  readonly body: number;
  readonly wantedEase: number;
  /** Whether the ease is met closely, is only the least, or is told without being held to it. */
  readonly held: 'closely' | 'at-least' | 'not';
}

/** Number of times that a piece as it is drafted is in the garment: a half is cut twice over, or opens from its fold. */
export const timesInGarment = ({ cut }: Piece): number => (cut.layers === 'fold' ? 2 : 1) * cut.copies;

/** Number of times that its drafted width counts in one girth. */
const timesAround = (piece: Piece, level: LevelName): number =>
  timesInGarment(piece) / timesOnBody[levelKind(level).around];

/** The girth at a level of the pieces that it runs over. */
export const girthOf = (
  level: LevelName,
  pieces: readonly Piece[],
  body: number,
  wantedEase: number,
  held: Girth['held'] = 'closely',
): Girth => ({
  level,
  runs: pieces.map((piece) => ({ piece: piece.id, times: timesAround(piece, level) })),
  body,
  wantedEase,
  held,
});
