import type { Bodice } from '../../drafting/bodice/bodice.ts';
import { quarterSum } from '../../drafting/bodice/frame.ts';
import type { Body } from '../../drafting/body.ts';
import { openingAt } from '../../drafting/closed-seam.ts';
import type { PrincessSums } from '../../drafting/operations/panels/princess-dimensions.ts';
import { clamp } from '../../geometry/clamp.ts';
import { endOf, startOf } from '../../geometry/curve.ts';
import { distance } from '../../geometry/point.ts';
import { workingOf } from '../../pieces/carry-dimensions.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import {
  changed,
  chosen,
  divided,
  drawnTerm,
  minus,
  named,
  plus,
  sum,
  times,
  type Working,
} from '../../workings/working.ts';
import { underBustRound, type ShellPlan } from './shell-plan.ts';

/** The waist dart that the princess line runs through, and takes the place of. */
export const DART = 'waist-dart-1';
/** The level under the bust keeps this far from the bust point and from the waist, mm. The team's drafting study. */
const UNDER_BUST = { belowBust: inches(1.5), aboveWaist: inches(1), usual: inches(3) };

/** The level under the bust, by the tape over the bust where it was taken. */
export function underBustLevel(body: Body, { frame }: Bodice): Working {
  const bustLine = named('bust line', frame.sums.bustLine);
  const wanted =
    body.taken('shoulderToUnderBust') === undefined
      ? sum(plus(bustLine), plus(chosen('usual under bust', UNDER_BUST.usual)))
      : sum(plus(bustLine), plus(body.term('shoulderToUnderBust')), minus(body.term('shoulderToBust')));
  const lowest = Math.min(frame.waist.front, frame.waist.back) - UNDER_BUST.aboveWaist;
  const level = clamp(wanted.mm, frame.bustPoint.y + UNDER_BUST.belowBust, lowest);
  return changed(wanted, 'kept', level - wanted.mm);
}

/** The opening of a panel's waist dart at a level, its legs straight; mm. */
export function straightOpening(panel: Piece, level: number): number {
  const dart = panel.darts.find(({ id }) => id === DART);
  const [outer, inner] = (dart?.legs ?? []).map((id) => edgeOf(panel, id).path);
  if (!outer || !inner) return 0;
  const [mouth, tip, other] = [startOf(outer), endOf(outer), endOf(inner)];
  return openingAt({ outer: mouth, tip, inner: other, mm: distance(mouth, other) }, level);
}

/** The half-width at the bust line: what is wanted, or by the table habit what the straight side and the dart leave. */
function halfAtBust(bodice: Bodice, which: 'front' | 'back', rules: RuleSet): Working {
  const { sums, bustPoint } = bodice.frame;
  const panel = which === 'front' ? bodice.frontBlock : bodice.back;
  const drawnWidth = workingOf(panel, 'bust');
  if (rules['school.block'] === 'solved' || !drawnWidth) return sums.bustWidth[which];
  return sum(plus(drawnWidth), drawnTerm('dart where it crosses', -straightOpening(panel, bustPoint.y)));
}

/** The sums that a panel gives its princess seam. Under the bust the front is wider by what its share has become there. */
export function princessSums(
  body: Body,
  plan: ShellPlan,
  bodice: Bodice,
  which: 'front' | 'back',
  rules: RuleSet,
): PrincessSums {
  const { sums, bustPoint, waist } = bodice.frame;
  const panel = which === 'front' ? bodice.frontBlock : bodice.back;
  const tip = workingOf(panel, `${DART}-tip-out`);
  const undarted =
    which === 'front' ? sums.bustOut : divided(named('back waist width', sums.waistWidth.back), 2);
  const round = underBustRound(plan);
  const underBustDown = underBustLevel(body, bodice);
  const down = (underBustDown.mm - bustPoint.y) / (waist.front - bustPoint.y);
  const share = plus(times(named('front share', sums.share), 1 - down / 2));
  return {
    tipOut: tip ?? undarted,
    half: {
      bust: halfAtBust(bodice, which, rules),
      waist: sums.waistWidth[which],
      ...(round !== undefined && {
        underBust: sum(
          plus(quarterSum(body.term('underBust'), round - body.mm('underBust'), 'easeUnderBust')),
          which === 'front' ? share : { ...share, sign: -1 },
        ),
      }),
    },
    ...(plan.underBust && { underBustDown }),
  };
}
