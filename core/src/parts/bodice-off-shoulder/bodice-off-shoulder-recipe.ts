import { edgeLength, edgeOf } from '../../pieces/piece.ts';
import { bodiceFrame, bodyScale, usualSize } from '../../drafting/bodice/frame.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { panelsOf } from '../princess-shell/princess-shell.ts';
import { hemBelow, plainShell, type ShellPlan } from '../princess-shell/shell-plan.ts';
import { shellRecipe, type ShellContext, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { shellSeams } from '../princess-shell/shell-seams.ts';
import { zipDown } from '../../garment/zip-down.ts';
import {
  highestTop,
  lowestTop,
  blockUnder,
  dipOf,
  straplessChecks,
  straplessTops,
  topTooLow,
  type ChosenTop,
  type StraplessPlan,
} from '../princess-shell/strapless.ts';
import { seamsIn, traced } from '../../drafting/operations/pieces/traced.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import type { Wearer } from '../../garment/part.ts';
import type { Detail } from '../../drafting/detail.ts';
import { armBands } from './arm-bands.ts';
import { armCapes } from './arm-cape.ts';
import { bodiceOffShoulderChoices, type BodiceOffShoulderChosen } from './choices.ts';

/** The level by habit for an adult, and how far it stays above the bust; mm. Common practice, 5 to 6½ below the start line. */
const USUAL_LEVEL = inches(5.5);
const ABOVE_BUST = inches(3.5);

function fill(choices: ChoiceValues, { body, rules }: Wearer): BodiceOffShoulderChosen {
  const filled = withDefaults(bodiceOffShoulderChoices, choices, usualSize(body));
  const { frame } = bodiceFrame(body, blockUnder(filled, usualSize(body)), rules);
  const dip = dipOf(filled);
  const aboveBust = frame.bustPoint.y - usualSize(body) * ABOVE_BUST - dip;
  const usual = Math.max(Math.min(USUAL_LEVEL * bodyScale(body), aboveBust), highestTop(frame));
  const hangs = (choices['skirt'] ?? 'none') !== 'none';
  return {
    ...filled,
    // What hangs from it is sewn to its waist, unless a hem is asked for.
    below: choices['below'] === undefined && hangs ? 'waist' : filled.below,
    topLevel: filled.topLevel || Math.min(usual, lowestTop(frame, dip)),
  };
}

const topOf = (chosen: BodiceOffShoulderChosen, allowance: number): StraplessPlan => ({
  shape: { front: chosen.topEdge, back: chosen.backEdge },
  level: choiceTerm(bodiceOffShoulderChoices, 'topLevel', chosen.topLevel),
  dip: {
    front: choiceTerm(bodiceOffShoulderChoices, 'dip', dipOf(chosen)),
    back: choiceTerm(bodiceOffShoulderChoices, 'backDip', chosen.backEdge === 'v' ? chosen.backDip : 0),
  },
  backLower: choiceTerm(bodiceOffShoulderChoices, 'topBack', chosen.topBack),
  ends: { on: 'armhole' },
  allowance,
});

const plan = (
  body: Body,
  chosen: BodiceOffShoulderChosen,
  rules: RuleSet,
  allowances: Allowances,
): ShellPlan => ({
  ...plainShell(blockUnder(chosen, usualSize(body)), rules),
  top: straplessTops(topOf(chosen, allowances.top)),
  // A child’s edge lies flat: there is nothing to take out over the bust.
  overBust: { kind: 'taken', mm: body.kind === 'child' ? 0 : rules['contour.overBust'] / 2 },
  nip: rules['back.nip'],
  below: chosen.below === 'hem' ? hemBelow(body, chosen) : undefined,
});

/** What holds the arms: the shell with places for it, its pieces, seams, details and findings. */
function armsOf(context: ShellContext, chosen: BodiceOffShoulderChosen) {
  const { body, allowances, shell } = context;
  if (chosen.arms !== 'bands') {
    const capes = armCapes(body, shell, chosen, allowances, chosen.topLevel);
    return { ...capes, shell };
  }
  const { band, ...banded } = armBands(body, shell, chosen.band, allowances.strip);
  const detail: Detail = {
    kind: 'arm-band',
    piece: band.id,
    width: chosen.band,
    length: edgeLength(edgeOf(band, 'free')),
  };
  return { ...banded, pieces: [band], details: [detail] };
}

function finish(context: ShellContext, chosen: BodiceOffShoulderChosen): ShellGarment {
  const { allowances } = context;
  const { shell, ...arms } = armsOf(context, chosen);
  const panels = panelsOf(shell);
  const seams = shellSeams(shell);
  const covering = [shell.front.centre.id, shell.back.centre.id];
  const top: ChosenTop = { plan: topOf(chosen, allowances.top), level: 'topLevel', backLower: 'topBack' };
  return {
    panels,
    others: [...arms.pieces, ...traced(panels, 'lining', allowances.liningHem)],
    seams: [...seams, ...arms.seams, ...seamsIn(seams, 'lining')],
    details: [zipDown('back', [shell.back.centre]), ...arms.details],
    covering,
    checks: straplessChecks(covering, shell.bodice, top),
    findings: [...topTooLow(shell.bodice, top), ...arms.findings],
  };
}

export const offShoulder = { fill, plan, finish };

export const bodiceOffShoulderRecipe = shellRecipe(offShoulder);
