import { bodiceFrame, usualSize, type BodiceFrame } from '../../drafting/bodice/frame.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { sum } from '../../workings/working.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { panelsOf } from '../princess-shell/princess-shell.ts';
import { plainShell, type ShellPlan } from '../princess-shell/shell-plan.ts';
import { shellRecipe, type ShellContext, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { zipDown } from '../../garment/zip-down.ts';
import {
  blockUnder,
  dipOf,
  highestTop,
  straplessChecks,
  straplessTops,
  topTooLow,
  type ChosenTop,
  type StraplessPlan,
} from '../princess-shell/strapless.ts';
import { shellGirths } from '../princess-shell/shell-girths.ts';
import { shellSeams } from '../princess-shell/shell-seams.ts';
import { seamsIn, traced } from '../../drafting/operations/pieces/traced.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import type { Wearer } from '../../garment/part.ts';
import { bodiceStraplessChoices, type BodiceStraplessChosen } from './choices.ts';
import { edgeChecks } from './edge-findings.ts';
import { cupsOf, cupSeams, type CupFront } from './cups.ts';
import { lacedBack } from './laced-back.ts';

/** The top edge stands this far above the bust line unless chosen, mm. Common practice: less shows more than most expect. */
const ABOVE_BUST = inches(3.5);

/** Above the bust by habit, on a child by as much less as it is smaller; below what the edge is cut from. */
const usualTop = (frame: BodiceFrame, dip: number, size: number): number =>
  Math.max(frame.bustPoint.y - size * ABOVE_BUST - dip, highestTop(frame));

function fill(choices: ChoiceValues, { body, rules }: Wearer): BodiceStraplessChosen {
  const filled = withDefaults(bodiceStraplessChoices, choices, usualSize(body));
  const { frame } = bodiceFrame(body, blockUnder(filled, usualSize(body)), rules);
  return { ...filled, topLevel: filled.topLevel || usualTop(frame, dipOf(filled), usualSize(body)) };
}

const topOf = (chosen: BodiceStraplessChosen, allowances: Allowances): StraplessPlan => ({
  shape: { front: chosen.topEdge, back: 'straight' },
  level: choiceTerm(bodiceStraplessChoices, 'topLevel', chosen.topLevel),
  dip: { front: choiceTerm(bodiceStraplessChoices, 'dip', dipOf(chosen)), back: sum() },
  backLower: choiceTerm(bodiceStraplessChoices, 'topBack', chosen.topBack),
  ends: { on: 'side', down: choiceTerm(bodiceStraplessChoices, 'topSide', chosen.topSide) },
  allowance: allowances.top,
});

/** By how much the edge itself is cut tighter than the body, mm: elastic draws in what is cut to the body. */
const cutTighter = ({ topHeld, topPull }: BodiceStraplessChosen): number =>
  topHeld === 'elastic' ? 0 : topPull;

const plan = (
  body: Body,
  chosen: BodiceStraplessChosen,
  rules: RuleSet,
  allowances: Allowances,
): ShellPlan => ({
  ...plainShell({ ...blockUnder(chosen, usualSize(body)), easeChest: -cutTighter(chosen) }, rules),
  armholeEase: -rules['strapless.armholeLess'],
  top: straplessTops(topOf(chosen, allowances)),
  overBust: { kind: 'round', mm: body.mm('highBust') - cutTighter(chosen) },
  underBust: { kind: 'round', mm: body.mm('underBust') + chosen.easeUnderBust },
  // What is laced does not lie on the hollow of the back.
  nip: chosen.backOpens === 'laced' ? 0 : rules['back.nip'],
});

/** The front in two panels, or in cups and a band. */
const frontOf = (
  { shell, allowances, rules }: ShellContext,
  chosen: BodiceStraplessChosen,
): CupFront | undefined =>
  chosen.cups === 'seam' ? cupsOf(shell, allowances.princess, rules['cup.lessThanUnderBust']) : undefined;

/** The shell as it opens behind: by a zip, or laced over a gap. */
function openedBehind(context: ShellContext, chosen: BodiceStraplessChosen) {
  const { shell, allowances, rules } = context;
  if (chosen.backOpens === 'zip')
    return { shell, back: { strips: [], details: [zipDown('back', [shell.back.centre])] } };
  const { centre, ...back } = lacedBack(shell.back.centre, chosen, rules, allowances);
  return { shell: { ...shell, back: { ...shell.back, centre } }, back };
}

function finish(context: ShellContext, chosen: BodiceStraplessChosen): ShellGarment {
  const { back: backOpening, shell } = openedBehind(context, chosen);
  const cups = frontOf({ ...context, shell }, chosen);
  const panels = cups ? [...cups.pieces, shell.back.centre, shell.back.side] : panelsOf(shell);
  const covering = [cups ? cups.upper.centre.id : shell.front.centre.id, shell.back.centre.id];
  const seams = cups ? cupSeams(cups, shell.back) : shellSeams(shell);
  const top: ChosenTop = { plan: topOf(chosen, context.allowances), level: 'topLevel', backLower: 'topBack' };
  return {
    panels,
    others: [
      ...backOpening.strips,
      ...traced(panels, 'lining', context.allowances.liningHem),
      ...traced(panels, 'stay', 0),
    ],
    seams: [...seams, ...seamsIn(seams, 'lining')],
    details: backOpening.details,
    covering,
    findings: topTooLow(shell.bodice, top),
    checks: (named) => [
      ...straplessChecks(covering, shell.bodice, top)(named),
      ...edgeChecks(shellGirths(context, panels), chosen)(named),
    ],
  };
}

export const bodiceStraplessRecipe = shellRecipe({ fill, plan, finish });
