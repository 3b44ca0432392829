import type { WornPart } from '../drafting/draft.ts';
import { point, type Point } from '../geometry/point.ts';
import type { Piece } from '../pieces/piece.ts';

const still = point(0, 0);

/** A piece that hangs where it was drafted, or moved from there. */
export const hangs = (piece: Piece, half: WornPart['half'], by: Point = still): WornPart => ({
  piece: piece.id,
  half,
  by,
});

const bustOf = ({ levels }: Piece) => levels.find(({ name }) => name === 'bust')?.path ?? [];

/** A centre panel and its side panel, laid against each other where the seam passes the bust line. */
export function hangTogether(centre: Piece, side: Piece, half: WornPart['half']): WornPart[] {
  const by = (bustOf(centre).at(-1)?.x ?? 0) - (bustOf(side)[0]?.x ?? 0);
  return [hangs(centre, half), hangs(side, half, point(by, 0))];
}
