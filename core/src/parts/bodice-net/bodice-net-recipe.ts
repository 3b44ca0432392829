import { sumOf } from '../../pieces/carry-dimensions.ts';
import { armholeChecks } from '../../checks/openings.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import type { Body } from '../../drafting/body.ts';
import { partAtLevel } from '../../drafting/operations/panels/part-at-level.ts';
import { traceWithAllowance } from '../../drafting/operations/pieces/trace.ts';
import { point } from '../../geometry/point.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { changed, minus, named, plus, sum, times } from '../../workings/working.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { isShapedUnderBust, panelsOf } from '../princess-shell/princess-shell.ts';
import { hemBelow, plainShell, type ShellPlan } from '../princess-shell/shell-plan.ts';
import type { ChoiceValues } from '../../garment/choice.ts';
import type { Wearer } from '../../garment/part.ts';
import { shellRecipe, type ShellContext, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { shellSeams } from '../princess-shell/shell-seams.ts';
import { zipDown } from '../../garment/zip-down.ts';
import { seamsIn, traced } from '../../drafting/operations/pieces/traced.ts';
import { joined } from '../../garment/seam-parts.ts';
import { fillChoices } from '../fill-choices.ts';
import { bodiceNetChoices, type BodiceNetChosen } from './choices.ts';
import { crossedCloth } from '../princess-shell/crossed-cloth.ts';

/** The V leaves the armhole half-way down it. */
const LEAVES = 0.5;
/** The V ends at least this far under the neck at the centre, and this far above the waist, or above a seam under the bust; mm. */
const UNDER_NECK = inches(1);
const ABOVE_WAIST = inches(1.5);

const bodiceChoices = (chosen: BodiceNetChosen): BodiceChoices => ({
  ...chosen,
  neckline: 'round',
  darted: true,
});

const filled = fillChoices(bodiceNetChoices, bodiceChoices, (chosen, frame) => ({
  netDepth: chosen.netDepth || frame.bustPoint.y,
}));

/** Choices filled in; it ends at the waist where something hangs from it and no end was chosen. */
const fill = (values: ChoiceValues, wearer: Wearer): BodiceNetChosen => ({
  ...filled(values, wearer),
  ...(values['below'] === undefined && (values['skirt'] ?? 'none') !== 'none' && { below: 'waist' }),
});

/** Held to the body under the bust; a child has no shaping there. */
const heldUnderBust = (body: Body, { easeUnderBust }: BodiceNetChosen): ShellPlan['underBust'] =>
  body.kind === 'child'
    ? { kind: 'each-side', mm: 0 }
    : { kind: 'round', mm: body.mm('underBust') + easeUnderBust };

/** The plan of its lower end: a hem, the waist, or a seam under the bust. */
function endOf(
  body: Body,
  chosen: BodiceNetChosen,
): Pick<ShellPlan, 'below' | 'underBust' | 'endsUnderBust'> {
  switch (chosen.below) {
    case 'hem':
      return { below: hemBelow(body, chosen), underBust: undefined };
    case 'waist':
      return { below: undefined, underBust: undefined };
    case 'underBust':
      return { below: undefined, underBust: heldUnderBust(body, chosen), endsUnderBust: true };
  }
}

const plan = (body: Body, chosen: BodiceNetChosen, rules: RuleSet): ShellPlan => ({
  ...plainShell(bodiceChoices(chosen), rules),
  nip: rules['back.nip'],
  ...endOf(body, chosen),
});

/** The V of net, traced from the block above a line from the armhole to the centre. */
function netOver(
  { shell, allowances }: ShellContext,
  chosen: BodiceNetChosen,
  half: 'front' | 'back',
): Piece {
  const { frame, frontBlock, back } = shell.bodice;
  const block = half === 'front' ? frontBlock : back;
  const chest = sumOf(block, 'chest-line');
  const neck = frame.neckDepth[half] + UNDER_NECK;
  const seam = chosen.below === 'underBust' ? shell.underBust?.level : undefined;
  const lowest = seam ?? frame.waist[half] - ABOVE_WAIST;
  const centre = Math.max(neck, Math.min(chosen.netDepth, lowest));
  const asked = choiceTerm(bodiceNetChoices, 'netDepth', chosen.netDepth);
  const down = sum(
    plus(
      times(
        sum(plus(named('chest line', chest)), minus(named('shoulder drop', frame.sums.drop[half]))),
        LEAVES,
      ),
    ),
    plus(named('shoulder drop', frame.sums.drop[half])),
  );
  const { upper } = partAtLevel(block, {
    centre: changed(asked, 'kept', centre - chosen.netDepth),
    end: { on: 'armhole', level: down },
    shape: 'v',
    peak: point(0, centre),
    allowance: allowances.overlay,
  });
  return {
    ...traceWithAllowance(upper, 'net', allowances.overlay),
    id: `net-${half}`,
    name: `Net V ${half}`,
    part: 'net',
  };
}

/** Pieces of net, with their seams and details. */
interface Net extends Pick<ShellGarment, 'seams' | 'details'> {
  readonly pieces: readonly Piece[];
}

function vNet(context: ShellContext, chosen: BodiceNetChosen): Net {
  const { shell } = context;
  const front = netOver(context, chosen, 'front');
  const back = chosen.netBack === 'v' ? [netOver(context, chosen, 'back')] : [];
  return {
    pieces: [front, ...back],
    seams: [
      joined('net to neck front', 'neck', front, shell.front.centre),
      joined('net to shoulder front', 'shoulder', front, shell.front.centre),
      ...back.flatMap((net) => [
        joined('net to neck back', 'neck', net, shell.back.centre),
        joined('net shoulder', 'shoulder', front, net),
      ]),
    ],
    details: [],
  };
}

function netOf(context: ShellContext, chosen: BodiceNetChosen): Net {
  switch (chosen.net) {
    case 'v':
      return vNet(context, chosen);
    case 'crossed': {
      const { piece, detail } = crossedCloth(context, {
        id: 'net-crossed',
        name: 'Crossed net',
        role: 'net',
        tight: choiceTerm(bodiceNetChoices, 'netTight', chosen.netTight),
        ratio: Number(chosen.netGather),
      });
      return { pieces: [piece], seams: [], details: [detail] };
    }
  }
}

function finish(context: ShellContext, chosen: BodiceNetChosen): ShellGarment {
  const { shell, body } = context;
  const panels = panelsOf(shell);
  const seams = shellSeams(shell);
  const net = netOf(context, chosen);
  return {
    panels,
    others: [
      ...traced(panels, 'lining', context.allowances.liningHem),
      ...traced([shell.front.centre, shell.front.side], 'stay', 0),
      ...net.pieces,
    ],
    seams: [...seams, ...seamsIn(seams, 'lining'), ...net.seams],
    details: [zipDown('back', [shell.back.centre]), ...net.details],
    covering: [shell.front.centre.id, shell.back.centre.id],
    checks: armholeChecks(panels, body),
    ...(chosen.below === 'underBust' &&
      shell.underBust &&
      isShapedUnderBust(shell) && { hangsAbove: shell.bodice.frame.waist.back - shell.underBust.level }),
    findings: [],
  };
}

export const bodiceNetRecipe = shellRecipe({ fill, plan, finish });
