import { boxOf } from '../../geometry/ring.ts';
import type { LevelName } from '../../pieces/level.ts';
import { matchedRepeat, type Cloth } from './cloth.ts';
import type { Lay, Placement } from './lay.ts';
import type { LayPiece } from './layable.ts';

/** Levels that run around the body, the one that a print is looked at first. */
const AROUND: readonly LevelName[] = ['waist', 'bust', 'hip', 'chest', 'underBust'];

/**
 * Where a print is matched: by the piece's id, how far down its outline the level lies that most of the pieces have, mm. Pieces without it are
 * laid as they come; on cloth without a repeat that is matched there is none.
 */
export function matchedLevels(pieces: readonly LayPiece[], cloth: Cloth): ReadonlyMap<string, number> {
  if (matchedRepeat(cloth) === 0) return new Map();
  const having = (name: LevelName) => pieces.filter(({ levels }) => levels?.[name] !== undefined);
  const level = AROUND.reduce<LevelName>(
    (best, name) => (having(name).length > having(best).length ? name : best),
    'waist',
  );
  return new Map(
    pieces.flatMap(({ id, levels }) => {
      const down = levels?.[level];
      return down === undefined ? [] : [[id, down] as const];
    }),
  );
}

/** Where along the cloth a matched level of a placement lies, mm. */
const levelAlong = ({ rotation, polygon }: Placement, { outline }: LayPiece, level: number): number => {
  const { minY, maxY } = boxOf(outline);
  return boxOf(polygon).minY + (rotation === 0 ? level - minY : maxY - level);
};

/** Along the cloth where the matched level of a lay first comes, mm, to draw the print by: every whole repeat from there is alike. */
export function figureStart(lay: Lay, pieces: readonly LayPiece[], cloth: Cloth): number | undefined {
  const levels = matchedLevels(pieces, cloth);
  for (const placement of lay.placements) {
    const [level, piece] = [levels.get(placement.piece), pieces.find(({ id }) => id === placement.piece)];
    if (level === undefined || !piece) continue;
    const at = levelAlong(placement, piece, level);
    const repeat = matchedRepeat(cloth);
    return at - repeat * Math.floor(at / repeat);
  }
  return undefined;
}

/** How far along the cloth a placement has to go, of ways near to `along`, so that its level matches the print as the others have it; `along` itself where nothing is matched. mm. */
export function alongToMatch(
  placement: Placement,
  others: Lay,
  along: number,
  pieces: readonly LayPiece[],
  cloth: Cloth,
): number {
  const level = matchedLevels(pieces, cloth).get(placement.piece);
  const piece = pieces.find(({ id }) => id === placement.piece);
  const start = figureStart(others, pieces, cloth);
  if (level === undefined || !piece || start === undefined) return along;
  const repeat = matchedRepeat(cloth);
  const at = levelAlong(placement, piece, level);
  return start + repeat * Math.round((at + along - start) / repeat) - at;
}
