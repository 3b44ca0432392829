import { workingOf } from '../../pieces/carry-dimensions.ts';
import type { Piece } from '../../pieces/piece.ts';
import { changed, drawn, named, type Working } from '../../workings/working.ts';

/** How far down a panel's armhole meets its side: at the chest line, but for what a closed wedge has raised it. */
export function underarmDown(piece: Piece): Working {
  const path = piece.levels.find(({ name }) => name === 'chest')?.path ?? [];
  const [centre, side] = [path[0]?.y ?? 0, path.at(-1)?.y ?? 0];
  const chest = workingOf(piece, 'chest-line');
  return changed(chest ? named('chest line', chest) : drawn('chest line', centre), 'turned', side - centre);
}
