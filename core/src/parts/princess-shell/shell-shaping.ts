import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { Body } from '../../drafting/body.ts';
import type { UnderBustPlan } from '../../drafting/operations/panels/princess-levels.ts';
import { clamp } from '../../geometry/clamp.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { straightOpening, underBustLevel } from './princess-sums.ts';
import type { ShellPlan, UnderBustWish } from './shell-plan.ts';

/** More than this on the half under the bust cannot be shaped by one seam, mm. The team's drafting study. */
const MOST_UNDER_BUST = inches(2.25);
/** The back's seam takes what the front's cannot, up to this on the half, mm. */
const MOST_BEHIND = inches(1);
/** A seam that would be too narrow there is let out in a curve, up to this on the half, mm. */
const MOST_LET_OUT = inches(1.5);
/** The centre panel's part of the shaping under the bust by the solved block. The team's drafting study. */
const CENTRE_PART = 0.4;

/** At most this on the half is taken out of a top edge over the bust, mm; more stands up in a point. */
const MOST_OVER_BUST = inches(3);
/** The sides take what seams cannot: their slope rises from the least to the most over so much, mm. */
const SIDES_TAKE = { over: inches(3), least: 0.3, most: 1.4 };
/** The front's part of what is taken out of a top edge that is held to a round; the rest is the back's. */
const FRONT_OVER_BUST = 0.65;

/** Limits between which shaping on the half can be taken out of its seams, mm. */
export const limits = {
  underBust: [-MOST_LET_OUT, MOST_UNDER_BUST + MOST_BEHIND],
  overBust: [0, MOST_OVER_BUST + SIDES_TAKE.over],
} as const;

/** The residual of an unknown that has limits: what is left to take, as far as they let it; past them, the way back. */
export const withinLimits = (
  unknown: number,
  left: number,
  [least, most]: readonly [number, number],
): number => clamp(unknown + left, least, most) - unknown;

/** Share of each edge in the shaping under the bust on the half, by the school in force. */
function underBustPlan(
  at: Pick<UnderBustPlan, 'level' | 'part'>,
  half: number,
  rules: RuleSet,
): UnderBustPlan {
  switch (rules['school.block']) {
    case 'solved':
      return { ...at, centre: CENTRE_PART * half, side: (1 - CENTRE_PART) * half };
    case 'table': {
      const centre = Math.min(half, rules['habit.underBustCentre']);
      return { ...at, centre, side: half - centre };
    }
  }
}

/** The shaping under the bust: what was found to bring the round there, or what is wanted less what the straight seam takes. */
export function shapedUnder(
  body: Body,
  bodice: Bodice,
  wish: UnderBustWish,
  half: number,
  rules: RuleSet,
): UnderBustPlan {
  const level = underBustLevel(body, bodice).mm;
  const { bustPoint, waist } = bodice.frame;
  const at = { level, part: (level - bustPoint.y) / (waist.back - bustPoint.y) };
  switch (wish.kind) {
    case 'round':
      return underBustPlan(at, Math.min(half, MOST_UNDER_BUST), rules);
    case 'each-side': {
      const aside = clamp(
        wish.mm - straightOpening(bodice.frontBlock, level) / 2,
        -MOST_LET_OUT / 2,
        MOST_UNDER_BUST / 2,
      );
      return { ...at, centre: aside, side: aside };
    }
  }
}

/** The back's shaping at that level: what is more than the front's seam can take, alike on both edges. */
export function underBustBehind(front: UnderBustPlan, half: number): UnderBustPlan {
  const more = Math.max(0, half - MOST_UNDER_BUST) / 2;
  return { ...front, centre: more, side: more };
}

/** Slope of the sides above the bust line under an edge that is held to a round: steeper for what its seams cannot take. */
export function steepestSide(overBust: number): number {
  const { over, least, most } = SIDES_TAKE;
  return least + (most - least) * clamp((overBust - MOST_OVER_BUST) / over, 0, 1);
}

/** The loss of a top edge on the half, in front and behind, mm. */
export function overBustTaken(
  { overBust }: ShellPlan,
  half: number,
  rules: RuleSet,
): { readonly front: number; readonly back: number } {
  switch (overBust?.kind) {
    case undefined:
      return { front: 0, back: 0 };
    case 'taken':
      return { front: overBust.mm, back: 0 };
    case 'round': {
      if (rules['school.block'] === 'table') return { front: rules['contour.overBust'], back: 0 };
      const taken = Math.min(half, MOST_OVER_BUST);
      return { front: FRONT_OVER_BUST * taken, back: (1 - FRONT_OVER_BUST) * taken };
    }
  }
}
