import { boxOf } from '@ample-bolt/core/geometry/ring';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { pinnedOf } from '@ample-bolt/core/lay/model/pinned';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { Unit } from '@ample-bolt/core/units/length';
import type { Together } from '../cloth/use-together.ts';

/** What plans of a cloth depend on, as texts to compare. */
export interface PlanningInputs {
  /** For the search. */
  readonly search: string;
  /** For what a hand made: it stands when the cloth is only named, coloured, priced or counted otherwise. */
  readonly hand: string;
}

/** What plans of these pieces on a cloth depend on; `task` has what others lay beside them, and what they are pinned under. */
export function planningInputs(
  cloth: Cloth,
  unit: Unit,
  pieces: readonly DraftedPiece[],
  task: LayTask,
  shared: Together,
): PlanningInputs {
  const pinned = pinnedOf(task.pieces);
  const parts = [
    unit,
    pieces.map(({ outline }) => boxOf(outline)),
    shared.pieces.map(({ id, outline }) => [id, boxOf(outline)]),
    [
      pinned && [pinned.above?.fold, pinned.above?.placements.map(({ polygon }) => boxOf(polygon))],
      task.pieces.flatMap(({ id, beneath = [] }) => beneath.map((each) => [id, each.width, each.selvedge])),
    ],
  ];
  const spread = { ...cloth, name: '', colour: '', price: 0, length: null };
  return { search: JSON.stringify([cloth, ...parts]), hand: JSON.stringify([spread, ...parts]) };
}
