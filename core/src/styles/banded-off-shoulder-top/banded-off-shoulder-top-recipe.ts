import { bodiceFrame, bodyScale, type BodiceChoices } from '../../drafting/bodice/frame.ts';
import type { Body } from '../../drafting/body.ts';
import { roundBelowWaist } from '../../drafting/round-below-waist.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { choiceTerm } from '../figure-parts.ts';
import { times } from '../../workings/working.ts';
import type { ShellContext } from '../princess-shell/panel-figures.ts';
import { panelsOf } from '../princess-shell/princess-shell.ts';
import type { ShellPlan } from '../princess-shell/shell-plan.ts';
import { shellRecipe, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { shellSeams } from '../princess-shell/shell-seams.ts';
import { shellWorn } from '../princess-shell/shell-worn.ts';
import { lowestTop, straplessTops, topTooLow, type StraplessPlan } from '../princess-shell/strapless.ts';
import { seamsIn, traced } from '../princess-shell/traced.ts';
import { withDefaults, type DraftInput } from '../style.ts';
import { armBands } from './arm-bands.ts';
import { bandedOffShoulderTop } from './banded-off-shoulder-top.ts';
import { bandedOffShoulderTopChoices, type BandedOffShoulderTopChosen } from './choices.ts';

/** The level by habit for an adult, and how far it stays above the bust; mm. Common practice, 5 to 6½ below the start line. */
const USUAL_LEVEL = inches(5.5);
const ABOVE_BUST = inches(3.5);

const bodiceChoices = (chosen: BandedOffShoulderTopChosen): BodiceChoices => ({
  neckline: 'round',
  darted: true,
  neckWidth: inches(3),
  neckDepthFront: inches(2.25),
  neckDepthBack: inches(0.75),
  easeBust: chosen.easeBust,
  easeWaist: chosen.easeWaist,
});

const dipOf = (chosen: BandedOffShoulderTopChosen): number =>
  chosen.topEdge === 'sweetheart' ? chosen.dip : 0;

function fill(body: Body, { choices, rules }: DraftInput): BandedOffShoulderTopChosen {
  const filled = withDefaults(bandedOffShoulderTopChoices, choices);
  const { frame } = bodiceFrame(body, bodiceChoices(filled), rules);
  const usual = Math.min(USUAL_LEVEL * bodyScale(body), frame.bustPoint.y - ABOVE_BUST - dipOf(filled));
  return { ...filled, topLevel: filled.topLevel || Math.min(usual, lowestTop(frame, dipOf(filled))) };
}

const topOf = (chosen: BandedOffShoulderTopChosen, allowance: number): StraplessPlan => ({
  shape: { front: chosen.topEdge, back: chosen.backEdge },
  level: chosen.topLevel,
  dip: { front: dipOf(chosen), back: chosen.backEdge === 'v' ? chosen.backDip : 0 },
  backLower: chosen.topBack,
  ends: { on: 'armhole' },
  allowance,
});

const plan = (body: Body, chosen: BandedOffShoulderTopChosen, rules: RuleSet): ShellPlan => ({
  bodice: bodiceChoices(chosen),
  leaves: 'armhole',
  armholeEase: rules['armhole.ease'],
  top: straplessTops(topOf(chosen, rules['allowance.top'])),
  overBust: rules['contour.overBust'] / 2,
  underBust: undefined,
  nip: rules['back.nip'],
  below: {
    depth: chosen.length,
    round: roundBelowWaist(body, chosen.length) + chosen.easeHem,
    lined: false,
  },
});

function finish(context: ShellContext, chosen: BandedOffShoulderTopChosen): ShellGarment {
  const { body, allowances } = context;
  const banded = armBands(body, context.shell, chosen.band, allowances.strip);
  const { shell, band } = banded;
  const panels = panelsOf(shell);
  const seams = shellSeams(shell);
  return {
    panels,
    others: [band, ...traced(panels, 'lining')],
    sums: {
      [band.id]: {
        band: banded.length,
        'end-start': times(choiceTerm(bandedOffShoulderTopChoices.band, chosen.band), 2),
        'end-finish': times(choiceTerm(bandedOffShoulderTopChoices.band, chosen.band), 2),
      },
    },
    seams: [...seams, ...banded.seams, ...seamsIn(seams, 'lining')],
    worn: shellWorn(shell),
    covering: [shell.front.centre.id, shell.back.centre.id],
    strapless: { choice: 'topLevel', level: chosen.topLevel },
    openings: () => [],
    findings: [
      ...topTooLow(shell.bodice, {
        plan: topOf(chosen, allowances.top),
        level: 'topLevel',
        backLower: 'topBack',
      }),
      ...banded.findings,
    ],
  };
}

export const bandedOffShoulderTopRecipe = shellRecipe({ style: bandedOffShoulderTop, fill, plan, finish });
