import type { Allowances } from '../../pieces/allowances.ts';
import type { Piece } from '../../pieces/piece.ts';
import { legPiece, type SolvedLeg } from './leg-piece.ts';
import type { LegPlan } from './leg-plan.ts';
import { backForkDepth, backSideDown, shapingOf, sideOf, sideRise, waistOf } from './leg-shape.ts';

/** Rounds in which the intake of a side and the height at which it begins are worked out from each other. */
const ROUNDS = 8;

/** Both leg panels: their sides and their inseams are equally long, their forks meet level and square to the inseam. */
export function draftLegs(
  front: LegPlan,
  back: LegPlan,
  allowances: Allowances,
): { readonly front: Piece; readonly back: Piece; readonly unsolved: readonly SolvedLeg[] } {
  let inFront = shapingOf(front, 0);
  for (let round = 0; round < ROUNDS; round++) inFront = shapingOf(front, -sideRise(inFront.sideIn));
  const frontTop = { sideIn: inFront.sideIn, down: -sideRise(inFront.sideIn) };
  const frontSide = sideOf(front, frontTop);
  let [behind, down] = [shapingOf(back, frontTop.down), frontTop.down];
  for (let round = 0; round < ROUNDS; round++) {
    down = backSideDown(frontSide, (at) => sideOf(back, { sideIn: behind.sideIn, down: at }));
    behind = shapingOf(back, down);
  }
  const backTop = { sideIn: behind.sideIn, down };
  const legs: readonly SolvedLeg[] = [
    {
      plan: front,
      top: frontTop,
      forkDepth: front.crotch.mm,
      waist: waistOf(front, frontSide, inFront.darts),
    },
    {
      plan: back,
      top: backTop,
      forkDepth: backForkDepth(front, back),
      waist: waistOf(back, sideOf(back, backTop), behind.darts),
    },
  ];
  const [a, b] = legs.map((leg) => legPiece(leg, allowances));
  if (!a || !b) throw new Error('two leg panels are drawn');
  return {
    front: a,
    back: b,
    unsolved: legs.filter(({ waist }) => !waist.solved && Math.abs(waist.residual) > 1),
  };
}
