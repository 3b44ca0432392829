import { levelLength } from '../../checks/level-width.ts';
import type { Figure } from '../../drafting/draft.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import { levelDown } from '../../pieces/piece.ts';
import { capital } from '../../words/capital.ts';
import { levelName } from '../../words/names.ts';
import { drawn } from '../../workings/working.ts';
import { edgeFigures } from '../edge-figures.ts';
import { insideFigure } from '../figure-parts.ts';

/** The figures of a piece that was opened flat: its levels from side to side, how far down they lie, and every edge. */
export const wholeFigures = (piece: DraftedPiece): Figure[] => [
  ...piece.piece.levels.flatMap((level) => {
    const { name } = level;
    const [width, depth] = [levelLength(level.path), levelDown(level)];
    const words = capital(levelName[name]);
    return [
      insideFigure(
        piece,
        'length',
        name,
        `${words}, side to side`,
        width,
        drawn('as drawn', width),
        'as drawn',
      ),
      insideFigure(
        piece,
        'down',
        `${name}-line`,
        `${words}, down`,
        depth,
        drawn('as drawn', depth),
        'as drawn',
      ),
    ];
  }),
  ...edgeFigures(piece),
];
