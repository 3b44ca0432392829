import { armholeChecks } from '../../checks/openings.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import { neckline } from '../../drafting/bodice/neckline.ts';
import type { Body } from '../../drafting/body.ts';
import { buttoned } from '../../drafting/operations/edges/buttoned.ts';
import { dartInEdge } from '../../drafting/operations/darts/dart-in-edge.ts';
import { extendCentre } from '../../drafting/operations/panels/extend-centre.ts';
import { onFold } from '../../drafting/operations/pieces/on-fold.ts';
import { endOf, mapCurve, startOf, type Curve } from '../../geometry/curve.ts';
import { add, point, type Point } from '../../geometry/point.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { chosen as chosenLength } from '../../workings/working.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { panelsOf, type PrincessShell } from '../princess-shell/princess-shell.ts';
import { hemBelow, plainShell, type ShellPlan } from '../princess-shell/shell-plan.ts';
import { shellRecipe, type ShellContext, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { shellSeams } from '../princess-shell/shell-seams.ts';
import { seamsIn, traced } from '../../drafting/operations/pieces/traced.ts';
import { dartSeams } from '../../garment/seam-parts.ts';
import { fillChoices } from '../fill-choices.ts';
import { bodiceWaistcoatChoices, type BodiceWaistcoatChosen } from './choices.ts';
import { withDimensions } from '../../pieces/carry-dimensions.ts';

/** The V ends at least this far above the bust line unless chosen lower, mm. */
const ABOVE_BUST = inches(1);
/** The first button is sewn so far below the end of the V, the last so far above the foot of the front edge, mm. Common practice. */
const BUTTONS = { below: inches(0.5), above: inches(1) };
/** A neck dart points towards the bust, half-way down the V. */
const NECK_DART = { at: 0.55, length: inches(3.5) };

const bodiceChoices = (chosen: BodiceWaistcoatChosen): BodiceChoices => ({
  ...chosen,
  neckline: 'v',
  darted: true,
});

const fill = fillChoices(bodiceWaistcoatChoices, bodiceChoices, (chosen, frame, body) => ({
  neckDepthFront: chosen.neckDepthFront || Math.min(body.mm('armhole') / 2, frame.bustPoint.y - ABOVE_BUST),
}));

const plan = (body: Body, chosen: BodiceWaistcoatChosen, rules: RuleSet): ShellPlan => ({
  ...plainShell(bodiceChoices(chosen), rules),
  below: {
    ...hemBelow(body, chosen),
    lined: true,
    ...(chosen.hem === 'points' && { point: { lower: chosen.pointLower, out: chosen.pointOut } }),
  },
});

/** The V drawn from the front edge, so that it runs straight on past the centre. */
const vFromEdge =
  ({ bodice }: PrincessShell) =>
  (corner: Point): Curve => {
    const { neckPoint, shoulder } = bodice.frame;
    const shift = point(-corner.x, 0);
    const path = neckline('v', { neckPoint: add(neckPoint, shift), shoulder, depth: corner.y });
    return mapCurve(path, (p) => add(p, point(corner.x, 0)));
  };

function openedFront(context: ShellContext, chosen: BodiceWaistcoatChosen): Piece {
  const { shell, allowances } = context;
  const extended = extendCentre(shell.front.centre, {
    by: choiceTerm(bodiceWaistcoatChoices, 'stand', chosen.stand),
    allowance: allowances.front,
    redraw: vFromEdge(shell),
  });
  const front = withDimensions(extended, {
    name: 'neck-depth',
    label: 'Neck, down at the front edge',
    kind: 'down',
    at: { kind: 'corner', of: 'neck', end: 'start' },
    working: shell.bodice.frame.sums.neckDepth.front,
    adds: 'neck',
  });
  const darted = dartInEdge(front, 'neck', {
    id: 'neck-dart',
    at: NECK_DART.at,
    intake: choiceTerm(bodiceWaistcoatChoices, 'neckDart', chosen.neckDart),
    length: chosenLength('neck dart', NECK_DART.length),
    in: 'neck',
    pressed: 'centre',
  });
  const { path } = edgeOf(darted, 'front-edge');
  const [foot, top] = [startOf(path), endOf(path)];
  return buttoned(
    darted,
    point(0, top.y + BUTTONS.below),
    point(0, foot.y - BUTTONS.above),
    Number(chosen.buttons),
  );
}

function finish(context: ShellContext, chosen: BodiceWaistcoatChosen): ShellGarment {
  const shell: PrincessShell = {
    ...context.shell,
    front: {
      ...context.shell.front,
      centre: { ...openedFront(context, chosen), id: 'forepart-front-centre', name: 'Forepart' },
      side: { ...context.shell.front.side, id: 'forepart-front-side', name: 'Forepart side' },
    },
    back: { ...context.shell.back, centre: onFold(context.shell.back.centre) },
  };
  const panels = panelsOf(shell);
  const seams = [...shellSeams(shell), ...panels.flatMap(dartSeams)];
  return {
    panels,
    // Lined to the edge: the lining is sewn around the hem as it is.
    others: [
      ...traced(panels, 'lining', context.allowances.front),
      ...traced([shell.front.centre, shell.front.side], 'stay', 0),
    ],
    seams: [...seams, ...seamsIn(seams, 'lining')],
    details: [],
    covering: [shell.front.centre.id, shell.back.centre.id],
    checks: armholeChecks(panels, context.body),
    findings: [],
  };
}

export const bodiceWaistcoatRecipe = shellRecipe({ fill, plan, finish });
