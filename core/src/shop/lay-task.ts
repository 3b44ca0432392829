import { purchaseUnit } from '../lay/buy/buying.ts';
import type { Cloth } from '../lay/model/cloth.ts';
import { layPiecesOn, type LayPiece } from '../lay/model/layable.ts';
import type { LayWay } from '../lay/model/lay.ts';
import type { LayTask } from '../lay/model/lay-task.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { laidLays } from './laid-lays.ts';
import type { Ticket } from './ticket.ts';

/** The task of laying one cloth of a ticket: those of its drafted pieces that are cut from it, and those of tickets that share it. */
export const layTaskOf = (
  {
    rules,
    unit,
    cloths,
    lays = {},
  }: Pick<Ticket, 'rules' | 'unit' | 'cloths'> & Partial<Pick<Ticket, 'lays'>>,
  pieces: readonly DraftedPiece[],
  cloth: Cloth,
  fold: LayWay,
  seed: number,
  shared: readonly LayPiece[] = [],
): LayTask => ({
  pieces: [
    ...layPiecesOn(cloth, pieces, { cloths, lays: cloth.under ? laidLays({ cloths, lays }, pieces) : {} }),
    ...shared,
  ],
  cloth,
  fold,
  seed,
  shrinkPercent: ruleSet(rules)['cloth.shrinkage'],
  buyIn: purchaseUnit(unit),
});
