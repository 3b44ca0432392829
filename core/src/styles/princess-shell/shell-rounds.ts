import { measureRound, type Round } from '../../checks/rounds.ts';
import { roundBelowWaist } from '../../drafting/round-below-waist.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import type { LevelName } from '../../pieces/piece.ts';
import type { ShellContext } from './shell-recipe.ts';
import { isShapedUnderBust } from './princess-shell.ts';
import { underBustRound } from './shell-plan.ts';

/** The finished rounds that a shell was drafted to, measured on its panels. */
export function shellRounds({ body, plan, shell }: ShellContext, all: readonly DraftedPiece[]): Round[] {
  const { below, bodice } = plan;
  const underBust = underBustRound(plan);
  const atHem = below && roundBelowWaist(body, below.depth.mm);
  const at = (level: LevelName) => all.filter(({ piece }) => piece.levels.some(({ name }) => name === level));
  return [
    measureRound('bust', at('bust'), body.mm('bust'), bodice.easeBust),
    ...(underBust === undefined || !isShapedUnderBust(shell)
      ? []
      : [measureRound('underBust', at('underBust'), body.mm('underBust'), underBust - body.mm('underBust'))]),
    measureRound('waist', at('waist'), body.mm('waist'), bodice.easeWaist),
    ...(below && atHem !== undefined ? [measureRound('hem', at('hem'), atHem, below.round.mm - atHem)] : []),
  ];
}
