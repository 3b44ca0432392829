import { drawnHalfWidth } from '../../checks/half-width.ts';
import { ROUND_TOLERANCE } from '../../checks/rounds.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import type { FindingCode } from '../../findings/severity.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { bodiceBySchool } from '../../drafting/bodice-by-school.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { Body } from '../../drafting/body.ts';
import { partAtLevel, type DropPlan } from '../../drafting/operations/panels/part-at-level.ts';
import { nipCentreBack } from '../../drafting/operations/panels/nip-centre-back.ts';
import { shortenDart } from '../../drafting/operations/darts/shorten-dart.ts';
import {
  splitOnPrincess,
  type PrincessPanels,
  type UnderBustPlan,
} from '../../drafting/operations/panels/split-on-princess.ts';
import { clamp } from '../../geometry/clamp.ts';
import { curveLength, endOf, lengthTo } from '../../geometry/curve.ts';
import { point, type Point } from '../../geometry/point.ts';
import { broyden } from '../../geometry/broyden.ts';
import type { LevelName } from '../../pieces/level.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { lengthenShell } from './lengthen-shell.ts';
import { DART, princessSums, straightOpening, underBustLevel } from './princess-sums.ts';
import { underBustRound, type ShellPlan, type UnderBustWish } from './shell-plan.ts';
import { byRule, drawn } from '../../workings/working.ts';

/** Unknowns of the drawing, solved so that the finished rounds are right, mm. */
interface GivenBack {
  readonly bust: number;
  readonly waist: number;
  readonly hem: number;
  readonly underBust: number;
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

/** Redrafts stop when each finished round is this near to what is wanted, mm. */
const SETTLED = 1e-7;
const MOST_REDRAFTS = 40;
const LONGEST_STRIDE = 80;
/** More than this on the half under the bust cannot be shaped by one seam, mm. The team's drafting study. */
const MOST_UNDER_BUST = inches(2.25);
/** A seam that would be too narrow there is let out in a curve, up to this on the half, mm. */
const MOST_LET_OUT = inches(1.5);
/** The centre panel's part of the shaping under the bust by the solved block. The team's drafting study. */
const CENTRE_PART = 0.4;

export const panelsOf = ({ front, back }: Pick<PrincessShell, 'front' | 'back'>): Piece[] => [
  front.centre,
  front.side,
  back.centre,
  back.side,
];

/** Share of each edge in the shaping under the bust on the half, by the school in force. */
function underBustPlan(level: number, half: number, rules: RuleSet): UnderBustPlan {
  switch (rules['school.block']) {
    case 'solved':
      return { level, centre: CENTRE_PART * half, side: (1 - CENTRE_PART) * half };
    case 'table': {
      const centre = Math.min(half, rules['habit.underBustCentre']);
      return { level, centre, side: half - centre };
    }
  }
}

/** A seam runs at least this far from a top edge to the tip of its dart, mm. */
const SEAM_ABOVE_TIP = 30;

/** The back's dart shortened where a low top edge would cut through it. */
function belowTop(panel: Piece, { centre }: DropPlan): Piece {
  const dart = panel.darts.find(({ id }) => id === DART);
  if (!dart) return panel;
  const tip = endOf(edgeOf(panel, dart.legs[0]).path);
  const by = Math.max(0, centre.mm + SEAM_ABOVE_TIP - tip.y);
  return shortenDart(panel, DART, drawn('clear of the top edge', by));
}

/** The shaping under the bust: what was found to bring the round there, or what is wanted less what the straight seam takes. */
function shapedUnder(
  body: Body,
  bodice: Bodice,
  wish: UnderBustWish,
  half: number,
  rules: RuleSet,
): UnderBustPlan {
  const level = underBustLevel(body, bodice).mm;
  switch (wish.kind) {
    case 'round':
      return underBustPlan(level, half, rules);
    case 'each-side': {
      const aside = clamp(
        wish.mm - straightOpening(bodice.frontBlock, level) / 2,
        -MOST_LET_OUT / 2,
        MOST_UNDER_BUST / 2,
      );
      return { level, centre: aside, side: aside };
    }
  }
}

/** Tip of the line in a back without a dart: half-way out, at the chest line or below a top edge. */
const backTip = ({ frame, shape }: Bodice, top: DropPlan | undefined): Point =>
  point(frame.waistWidth.back / 2, Math.max(shape.chest, (top ? top.centre.mm : 0) + SEAM_ABOVE_TIP));

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
    },
    { ...rules, 'armhole.ease': plan.armholeEase },
    allowances,
    before?.bodice,
  );
  const tops = plan.top?.(bodice);
  const front = tops && partAtLevel(bodice.frontBlock, tops.front);
  const back = tops && partAtLevel(belowTop(bodice.back, tops.back), tops.back);
  const underBust = plan.underBust && shapedUnder(body, bodice, plan.underBust, given.underBust, rules);
  const splitFrom = (panel: Piece, tip: Point, shaped: boolean) =>
    splitOnPrincess(panel, DART, {
      sums: princessSums(body, plan, bodice, shaped ? 'front' : 'back', rules),
      leaves: leavesAt(panel, plan.leaves, tip, rules),
      soften: rules['princess.soften'],
      allowance: allowances.princess,
      tip,
      overBust: shaped ? plan.overBust : 0,
      ...(underBust && { underBust: shaped ? underBust : { ...underBust, centre: 0, side: 0 } }),
    });
  const frontPanels = splitFrom(front?.lower ?? bodice.frontBlock, bodice.frame.bustPoint, true);
  const backPanels = splitFrom(back?.lower ?? bodice.back, backTip(bodice, tops?.back), false);
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

/** Whether every panel has room for the level under the bust. */
export const isShapedUnderBust = (shell: Pick<PrincessShell, 'front' | 'back'>): boolean =>
  panelsOf(shell).every(({ levels }) => levels.some(({ name }) => name === 'underBust'));

/** By how much the shell is wider under the bust than is wanted, mm; nothing where it has no such level. */
function underBustOver(shell: PrincessShell, plan: ShellPlan): number {
  const round = underBustRound(plan);
  return round === undefined || !isShapedUnderBust(shell) ? 0 : roundAt(shell, 'underBust') - round;
}

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
  const givenBack = ([bust = 0, waist = 0, hem = 0, underBust = 0]: readonly number[]): GivenBack => ({
    bust,
    waist,
    hem,
    underBust: clamp(underBust, -MOST_LET_OUT, MOST_UNDER_BUST),
  });
  const shell = broyden<PrincessShell>({
    start: [0, 0, 0, 0],
    gains: [1, 1, 1, 0.5],
    draw: (unknowns, before) => split(body, plan, givenBack(unknowns), rules, allowances, before),
    residuals: (drawn, [, , , underBust = 0]) => {
      const over = underBustOver(drawn, plan);
      const spent = over > 0 ? underBust >= MOST_UNDER_BUST : underBust <= -MOST_LET_OUT;
      return [
        byHabit ? 0 : wanted.bust - roundAt(drawn, 'bust'),
        byHabit ? 0 : wanted.waist - roundAt(drawn, 'waist'),
        byHabit || !plan.below ? 0 : plan.below.round.mm - roundAt(drawn, 'hem'),
        spent ? 0 : over,
      ];
    },
    tolerance: SETTLED,
    longestStride: LONGEST_STRIDE,
    mostRounds: MOST_REDRAFTS,
  });
  return {
    ...shell,
    findings: [
      ...shell.bodice.findings.filter(({ code }) => !goneIntoSeams.includes(code)),
      ...(isShapedUnderBust(shell) ? underBustFindings(plan, underBustOver(shell, plan)) : notShaped(plan)),
    ],
  };
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
function underBustFindings(plan: ShellPlan, left: number): Finding[] {
  const round = underBustRound(plan);
  if (round === undefined || Math.abs(left) <= ROUND_TOLERANCE) return [];
  return [
    finding(
      'under-bust-off',
      { choice: 'easeUnderBust', measure: 'underBust' },
      {
        found: round + left,
        expected: round,
        remedy: { kind: 'set-choice', choice: 'easeUnderBust' },
      },
    ),
  ];
}
