import { drawnHalfWidth } from '../../checks/half-width.ts';
import { ROUND_TOLERANCE } from '../../checks/rounds.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import type { FindingCode } from '../../findings/severity.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { bodiceBySchool } from '../../drafting/bodice-by-school.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import { BACK_DART_OUT, backDartTip } from '../../drafting/bodice/back.ts';
import type { Body } from '../../drafting/body.ts';
import { partAtLevel } from '../../drafting/operations/panels/part-at-level.ts';
import { nipCentreBack } from '../../drafting/operations/panels/nip-centre-back.ts';
import { endUnderBust } from '../../drafting/operations/panels/end-under-bust.ts';
import { shortenDart } from '../../drafting/operations/darts/shorten-dart.ts';
import type { UnderBustPlan } from '../../drafting/operations/panels/princess-levels.ts';
import { splitOnPrincess, type PrincessPanels } from '../../drafting/operations/panels/split-on-princess.ts';
import { clamp } from '../../geometry/clamp.ts';
import { curveLength, endOf, lengthTo, pointWhere } from '../../geometry/curve.ts';
import { point, type Point } from '../../geometry/point.ts';
import { broyden } from '../../geometry/broyden.ts';
import type { LevelName } from '../../pieces/level.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { lengthenShell } from './lengthen-shell.ts';
import { DART, princessSums } from './princess-sums.ts';
import { underBustRound, type ShellPlan } from './shell-plan.ts';
import {
  limits,
  overBustTaken,
  shapedUnder,
  steepestSide,
  underBustBehind,
  withinLimits,
} from './shell-shaping.ts';
import { byRule, drawn } from '../../workings/working.ts';

/** Unknowns of the drawing, solved so that the finished rounds are right, mm. */
interface GivenBack {
  readonly bust: number;
  readonly waist: number;
  readonly hem: number;
  readonly underBust: number;
  readonly overBust: number;
}

/** Front and back of a garment in two panels each, on its half. */
export interface PrincessShell {
  readonly bodice: Bodice;
  readonly front: PrincessPanels;
  readonly back: PrincessPanels;
  /** Parts of front and back above a top edge: a yoke, for styles that have one. */
  readonly cutAway: { readonly front: Piece; readonly back: Piece } | undefined;
  /** Under the bust, where the shell is shaped there: the level, and what each edge of the front's seams takes; mm. */
  readonly underBust: UnderBustPlan | undefined;
  /** Findings of the panels, and those of the block that still hold on them. */
  readonly findings: readonly Finding[];
}

/** Findings of a dart do not hold for the seam that takes its place, and the waist is measured on the panels again. */
const goneIntoSeams: readonly FindingCode[] = ['waist-dart-large', 'bust-dart-large', 'waist-unsolved'];

/** Findings of the block's armhole and side do not hold under an edge that is held to the body. */
const goneWithArmhole: readonly FindingCode[] = [
  'underarm-wider-than-body',
  'armhole-off-measure',
  'side-off-measure',
];

/** Redrafts stop when each finished round is this near to what is wanted, mm. */
const SETTLED = 1e-7;
const MOST_REDRAFTS = 40;
const LONGEST_STRIDE = 80;
export const panelsOf = ({ front, back }: Pick<PrincessShell, 'front' | 'back'>): Piece[] => [
  front.centre,
  front.side,
  back.centre,
  back.side,
];

/** A seam runs at least this far from a top edge to the tip of its dart, mm. */
const SEAM_ABOVE_TIP = 30;

/** The highest that the tip of a seam may lie below the top edge of a panel, y in mm, at a place across it; anywhere on a panel without one. */
function highestTip(panel: Piece, x: number): number {
  const top = panel.edges.find(({ role }) => role === 'top');
  if (!top) return -Infinity;
  return (pointWhere(top.path, 'x', x) ?? endOf(top.path)).y + SEAM_ABOVE_TIP;
}

/** The back's dart shortened where a low top edge would cut through it. */
function belowTop(panel: Piece): Piece {
  const dart = panel.darts.find(({ id }) => id === DART);
  if (!dart) return panel;
  const tip = endOf(edgeOf(panel, dart.legs[0]).path);
  const by = Math.max(0, highestTip(panel, tip.x) - tip.y);
  return shortenDart(panel, DART, drawn('clear of the top edge', by));
}

/** Tip of the line in a back without a dart: where its dart would end, or below its top edge. */
function backTip({ frame, shape }: Bodice, panel: Piece, rules: RuleSet): Point {
  const x = BACK_DART_OUT * frame.waistWidth.back;
  return point(x, Math.max(backDartTip(frame, shape, rules).mm, highestTip(panel, x)));
}

/** A seam that leaves shoulder or neckline leaves it half-way. */
const HALF_WAY = 0.5;

/** The place on the upper edge where the seam leaves it: above the tip on a top edge, by the rule on an armhole. */
function leavesAt(panel: Piece, from: ShellPlan['leaves'], tip: Point, rules: RuleSet) {
  const top = panel.edges.find(({ role }) => role === 'top');
  if (top) {
    const whole = curveLength(top.path);
    const at = lengthTo(top.path, 'x', tip.x);
    return { edge: top.id, part: clamp(at / whole, 0.2, 0.8) };
  }
  return { edge: from, part: from === 'armhole' ? rules['princess.armhole'] : HALF_WAY };
}

function split(
  body: Body,
  plan: ShellPlan,
  given: GivenBack,
  rules: RuleSet,
  allowances: Allowances,
  before: PrincessShell | undefined,
): PrincessShell {
  const { bodice: choices } = plan;
  const bodice = bodiceBySchool(
    body,
    {
      ...choices,
      darted: true,
      given,
      ...(plan.overBust?.kind === 'round' && { steepestSide: steepestSide(given.overBust) }),
    },
    { ...rules, 'armhole.ease': plan.armholeEase },
    allowances,
    before?.bodice,
  );
  const tops = plan.top?.(bodice);
  const front = tops && partAtLevel(bodice.frontBlock, tops.front);
  const back = tops && partAtLevel(bodice.back, tops.back);
  const below = belowTop(back?.lower ?? bodice.back);
  const underBust = plan.underBust && shapedUnder(body, bodice, plan.underBust, given.underBust, rules);
  const overBust = overBustTaken(plan, given.overBust, rules);
  const splitFrom = (panel: Piece, tip: Point, shaped: boolean) =>
    splitOnPrincess(panel, DART, {
      sums: princessSums(body, plan, bodice, shaped ? 'front' : 'back', rules),
      leaves: leavesAt(panel, plan.leaves, tip, rules),
      soften: rules['princess.soften'],
      allowance: allowances.princess,
      tip,
      overBust: overBust[shaped ? 'front' : 'back'],
      ...(underBust && { underBust: shaped ? underBust : underBustBehind(underBust, given.underBust) }),
    });
  const frontPanels = splitFrom(front?.lower ?? bodice.frontBlock, bodice.frame.bustPoint, true);
  const backPanels = splitFrom(below, backTip(bodice, below, rules), false);
  const shell: PrincessShell = {
    bodice,
    front: frontPanels,
    back: {
      ...backPanels,
      centre: nipCentreBack(backPanels.centre, byRule('back.nip', plan.nip), bodice.shape.chest),
    },
    cutAway: front && back && { front: front.upper, back: back.upper },
    underBust,
    findings: [],
  };
  return plan.below ? lengthenShell(body, shell, plan.below, given.hem, rules, allowances) : shell;
}

/** The finished round of all panels at a level, mm. */
const roundAt = (shell: PrincessShell, level: LevelName): number =>
  2 * panelsOf(shell).reduce((sum, piece) => sum + drawnHalfWidth(piece, level), 0);

/** True where every panel has a level: one under the bust needs room, one along a top edge an end on the side. */
const hasLevel = (shell: Pick<PrincessShell, 'front' | 'back'>, level: LevelName): boolean =>
  panelsOf(shell).every(({ levels }) => levels.some(({ name }) => name === level));

export const isShapedUnderBust = (shell: Pick<PrincessShell, 'front' | 'back'>): boolean =>
  hasLevel(shell, 'underBust');

/** By how much the shell is wider under the bust than is wanted, mm; nothing where it has no such level. */
function underBustOver(shell: PrincessShell, plan: ShellPlan): number {
  const round = underBustRound(plan);
  return round === undefined || !isShapedUnderBust(shell) ? 0 : roundAt(shell, 'underBust') - round;
}

/** By how much a top edge that is held to a round is wider, mm. */
const topOver = (shell: PrincessShell, { overBust }: ShellPlan): number =>
  overBust?.kind === 'round' && hasLevel(shell, 'top') ? roundAt(shell, 'top') - overBust.mm : 0;

/** Drafts the panels, and drafts them again until every finished round is what was asked, whatever the seams took. */
export function draftPrincessShell(
  body: Body,
  plan: ShellPlan,
  rules: RuleSet,
  allowances: Allowances,
): PrincessShell {
  const wanted = {
    bust: body.mm('bust') + plan.bodice.easeBust,
    waist: body.mm('waist') + plan.bodice.easeWaist,
  };
  const byHabit = rules['school.block'] === 'table';
  const givenBack = ([
    bust = 0,
    waist = 0,
    hem = 0,
    underBust = 0,
    overBust = 0,
  ]: readonly number[]): GivenBack => ({
    bust,
    waist,
    hem,
    underBust: clamp(underBust, ...limits.underBust),
    overBust: clamp(overBust, ...limits.overBust),
  });
  const shell = broyden<PrincessShell>({
    start: [0, 0, 0, 0, 0],
    gains: [1, 1, 1, 0.5, 0.5],
    draw: (unknowns, before) => split(body, plan, givenBack(unknowns), rules, allowances, before),
    residuals: (drawn, [, , , underBust = 0, overBust = 0]) => [
      byHabit ? 0 : wanted.bust - roundAt(drawn, 'bust'),
      byHabit ? 0 : wanted.waist - roundAt(drawn, 'waist'),
      byHabit || !plan.below ? 0 : plan.below.round.mm - roundAt(drawn, 'hem'),
      withinLimits(underBust, underBustOver(drawn, plan), limits.underBust),
      byHabit ? 0 : withinLimits(overBust, topOver(drawn, plan), limits.overBust),
    ],
    tolerance: SETTLED,
    longestStride: LONGEST_STRIDE,
    mostRounds: MOST_REDRAFTS,
  });
  return {
    ...(plan.endsUnderBust && isShapedUnderBust(shell) ? endedUnderBust(shell, allowances) : shell),
    findings: [
      ...shell.bodice.findings.filter(
        ({ code }) =>
          !goneIntoSeams.includes(code) &&
          !(plan.overBust?.kind === 'round' && goneWithArmhole.includes(code)),
      ),
      ...(isShapedUnderBust(shell)
        ? underBustFindings(body, plan, underBustOver(shell, plan))
        : notShaped(plan)),
    ],
  };
}

/** The shell without what lies below its level under the bust; its sides stay as long as each other. */
function endedUnderBust(shell: PrincessShell, { waist }: Allowances): PrincessShell {
  const back = endUnderBust(shell.back, waist);
  return { ...shell, front: endUnderBust(shell.front, waist, back.side).panels, back: back.panels };
}

/** Said where the bust line falls so low at the side that no level is left between it and the waist. */
const notShaped = (plan: ShellPlan): Finding[] =>
  underBustRound(plan) === undefined
    ? []
    : [
        finding(
          'under-bust-not-shaped',
          { measure: 'frontWaistLength' },
          { remedy: { kind: 'measure-again', measure: 'frontWaistLength' } },
        ),
      ];

/** Finding of shaping under the bust that one seam cannot do: the garment stands away there, or is tighter than asked. */
function underBustFindings(body: Body, plan: ShellPlan, left: number): Finding[] {
  const round = underBustRound(plan);
  if (round === undefined || Math.abs(left) <= ROUND_TOLERANCE) return [];
  return [
    finding(
      'under-bust-off',
      { choice: 'easeUnderBust', measure: 'underBust' },
      {
        found: round + left,
        expected: round,
        remedy: {
          kind: 'set-choice',
          choice: 'easeUnderBust',
          mm: Math.max(0, round + left - body.mm('underBust')),
        },
      },
    ),
  ];
}
