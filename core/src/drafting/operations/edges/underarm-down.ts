import { workingOf } from '../../../pieces/carry-dimensions.ts';
import { levelEnds, type Piece } from '../../../pieces/piece.ts';
import { changed, drawn, named, type Working } from '../../../workings/working.ts';

/** The depth of the underarm: the chest line, but for what a closed wedge has raised it. */
export function underarmDown(piece: Piece): Working {
  const { from, to } = levelEnds(piece, 'chest');
  const chest = workingOf(piece, 'chest-line');
  return changed(chest ? named('chest line', chest) : drawn('chest line', from.y), 'turned', to.y - from.y);
}
