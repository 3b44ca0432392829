import { bodyScale, type BodiceChoices } from '../../drafting/bodice/frame.ts';
import type { Body } from '../../drafting/body.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { panelsOf } from '../princess-shell/princess-shell.ts';
import { hemBelow, plainShell, type ShellPlan } from '../princess-shell/shell-plan.ts';
import { shellRecipe, type ShellContext, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { shellSeams } from '../princess-shell/shell-seams.ts';
import { zipDown } from '../../garment/zip-down.ts';
import { lowestTop, straplessTops, topTooLow, type StraplessPlan } from '../princess-shell/strapless.ts';
import { equalSeam, whole, type Seam } from '../../pieces/seam.ts';
import type { Piece } from '../../pieces/piece.ts';
import { edgesOf, joined } from '../../garment/seam-parts.ts';
import { sum } from '../../workings/working.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { fillChoices } from '../fill-choices.ts';
import { bodiceYokeChoices, type BodiceYokeChosen } from './choices.ts';
import { baseOf, drapedOver, yokesOf } from './layers.ts';

/** The yoke ends so far down on an adult unless chosen, and stays so far above the bust; mm. Common practice. */
const USUAL_LEVEL = inches(6);
const ABOVE_BUST = inches(2.5);

const bodiceChoices = (chosen: BodiceYokeChosen): BodiceChoices => ({
  ...chosen,
  neckline: 'round',
  darted: true,
});

const fill = fillChoices(bodiceYokeChoices, bodiceChoices, (chosen, frame, body) => {
  const usual = Math.min(USUAL_LEVEL * bodyScale(body), frame.bustPoint.y - ABOVE_BUST);
  return { yokeLevel: chosen.yokeLevel || Math.min(usual, lowestTop(frame, 0)) };
});

const yokeSeam = (chosen: BodiceYokeChosen, allowance: number): StraplessPlan => ({
  shape: { front: 'straight', back: 'straight' },
  level: choiceTerm(bodiceYokeChoices, 'yokeLevel', chosen.yokeLevel),
  dip: { front: sum(), back: sum() },
  backLower: sum(),
  ends: { on: 'armhole' },
  allowance,
});

const plan = (body: Body, chosen: BodiceYokeChosen, rules: RuleSet, allowances: Allowances): ShellPlan => ({
  ...plainShell(bodiceChoices(chosen), rules),
  top: straplessTops(yokeSeam(chosen, allowances.top)),
  nip: rules['back.nip'],
  below: { ...hemBelow(body, chosen), tail: choiceTerm(bodiceYokeChoices, 'tail', chosen.tail) },
});

const tops = (panels: readonly Piece[]): string[] => panels.flatMap((piece) => edgesOf(piece, 'top'));

function finish(context: ShellContext, chosen: BodiceYokeChosen): ShellGarment {
  const { shell, allowances } = context;
  const yokes = yokesOf(shell);
  const base = baseOf(shell);
  const outer = drapedOver(shell, { ease: chosen.drape, from: chosen.drapeFrom });
  const toYoke = (half: 'front' | 'back'): Seam[] => [
    equalSeam(
      `base to yoke ${half}`,
      tops([base[half].centre, base[half].side]),
      edgesOf(yokes[half], 'yoke'),
      'shoulder',
    ),
    {
      id: `outer to yoke ${half}`,
      a: whole(tops([outer[half].centre, outer[half].side])),
      b: whole(edgesOf(yokes[half], 'yoke')),
      relation: { kind: 'ease', mm: chosen.drapeFrom === 'yoke' ? chosen.drape : 0 },
      governing: 'shoulder',
    },
  ];
  const baseSeams = shellSeams(base).map((seam) => ({ ...seam, id: `base ${seam.id}` }));
  return {
    panels: panelsOf(base),
    others: [...panelsOf(outer), yokes.front, yokes.back],
    seams: [
      ...shellSeams(outer),
      ...baseSeams,
      joined('shoulder', 'shoulder', yokes.front, yokes.back),
      ...toYoke('front'),
      ...toYoke('back'),
    ],
    details: [zipDown('back', [yokes.back, outer.back.centre])],
    covering: [base.front.centre.id, yokes.back.id],
    findings: topTooLow(shell.bodice, {
      plan: yokeSeam(chosen, allowances.top),
      level: 'yokeLevel',
      backLower: 'yokeLevel',
    }),
  };
}

export const bodiceYokeRecipe = shellRecipe({ fill, plan, finish });
