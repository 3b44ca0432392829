import { boxOf } from '../geometry/ring.ts';
import type { LevelName } from '../pieces/piece.ts';
import { matchedRepeat, type Cloth } from './cloth.ts';
import type { Lay } from './lay.ts';
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
  return new Map(having(level).map(({ id, levels }) => [id, levels?.[level] ?? 0]));
}

/** Along the cloth where the matched level of a lay first comes, mm, to draw the print by: every whole repeat from there is alike. */
export function figureStart(lay: Lay, pieces: readonly LayPiece[], cloth: Cloth): number | undefined {
  const levels = matchedLevels(pieces, cloth);
  for (const { piece: id, rotation, polygon } of lay.placements) {
    const [level, piece] = [levels.get(id), pieces.find((each) => each.id === id)];
    if (level === undefined || !piece) continue;
    const { minY, maxY } = boxOf(piece.outline);
    const at = boxOf(polygon).minY + (rotation === 0 ? level - minY : maxY - level);
    const repeat = matchedRepeat(cloth);
    return at - repeat * Math.floor(at / repeat);
  }
  return undefined;
}
