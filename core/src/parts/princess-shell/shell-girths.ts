import { roundBelowWaist } from '../../drafting/round-below-waist.ts';
import { girthOf, type Girth } from '../../pieces/girth.ts';
import type { LevelName } from '../../pieces/level.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { ShellContext } from './shell-recipe.ts';
import { isShapedUnderBust } from './princess-shell.ts';
import { underBustRound } from './shell-plan.ts';

/** The girths that a shell is drafted to, over its panels. Under the bust it is only shaped: what one seam cannot reach, the drafting says. */
export function shellGirths({ body, plan, shell }: ShellContext, panels: readonly Piece[]): Girth[] {
  const { below, bodice } = plan;
  const underBust = underBustRound(plan);
  const atHem = below && roundBelowWaist(body, below.depth.mm);
  const at = (level: LevelName) => panels.filter(({ levels }) => levels.some(({ name }) => name === level));
  const { overBust } = plan;
  return [
    ...(overBust?.kind !== 'round' || at('top').length === 0
      ? []
      : [girthOf('top', at('top'), body.mm('highBust'), overBust.mm - body.mm('highBust'), 'not')]),
    girthOf('bust', at('bust'), body.mm('bust'), bodice.easeBust),
    ...(underBust === undefined || !isShapedUnderBust(shell)
      ? []
      : [
          girthOf(
            'underBust',
            at('underBust'),
            body.mm('underBust'),
            underBust - body.mm('underBust'),
            'not',
          ),
        ]),
    ...(at('waist').length === 0 ? [] : [girthOf('waist', at('waist'), body.mm('waist'), bodice.easeWaist)]),
    ...(below && atHem !== undefined ? [girthOf('hem', at('hem'), atHem, below.round.mm - atHem)] : []),
  ];
}
