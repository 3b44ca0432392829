import { finding, type Finding } from '../../findings/finding.ts';
import { TYPED_WITHIN } from '../../findings/remedy.ts';
import type { Remedy } from '../../findings/remedy.ts';
import { clamp } from '../../geometry/clamp.ts';
import { curveLength } from '../../geometry/curve.ts';
import { roleLength, type EdgeRole, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import {
  atLeast,
  byRule,
  changed,
  chosen,
  divided,
  minus,
  named,
  plus,
  sum,
  times,
  type Term,
  type Working,
} from '../../workings/working.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../body.ts';
import { bodyScale, quarterSum } from '../bodice/frame.ts';
import type { SkirtSums } from './skirt-dimensions.ts';
import { draftHabitPanel } from './habit-skirt-panel.ts';
import {
  draftPanel,
  extendSide,
  planPanelSide,
  type PanelDraft,
  type PanelPlan,
  type PlannedSide,
} from './panel.ts';

export interface SkirtChoices {
  readonly easeHip: number;
  /** Of each quarter of the hem, in from the hip when pegged, or out from it in an A-line: the choice that says so, mm. */
  readonly hemBy: { readonly choice: 'pegging' | 'flare'; readonly mm: number };
  /** Waist to finished hem at the centre, mm. */
  readonly length: number;
  /** Length of the slit at the centre back above the hem, mm. */
  readonly slit: number;
}

/** In from the hip at the hem of each quarter, mm; less than nothing in an A-line. */
const peggingOf = ({ hemBy }: Pick<SkirtChoices, 'hemBy'>): number =>
  hemBy.choice === 'pegging' ? hemBy.mm : -hemBy.mm;

const hemTerm = ({ hemBy: { choice, mm } }: SkirtChoices): Term =>
  choice === 'pegging' ? minus(chosen('pegging', mm, choice)) : plus(chosen('flare', mm, choice));

export interface Skirt {
  readonly front: Piece;
  readonly back: Piece;
  readonly share: number;
  readonly findings: readonly Finding[];
}

/** A hem that lacks no more than this of a stride, mm, is not worth a word. */
const LEAST_LACKING = inches(0.25);
/** A skirt reaches at least this far below the hip, mm; above it there is no hem to draw. */
const LEAST_BELOW_HIP = inches(2);
/** A difference of hip and waist under which there is no front share: the figure is as round behind as before. */
const STRAIGHT_FIGURE = 0.92;

/** A slit ends at least this far below the hip line, mm: above it the seat would part it. */
const SLIT_BELOW_HIP = inches(2);

/** The round that a stride needs at the knee, mm; 0 for a skirt that ends clear above it. */
const strideOf = (body: Body, length: number, rules: RuleSet): number =>
  length > body.mm('waistToKnee') - inches(2) ? rules['walking.ratio'] * body.mm('hip') : 0;

/** The slit that lets a stride through a hem as wide as hip and pegging leave it, mm; kept below the hip line. */
export function slitForStride(body: Body, choices: Omit<SkirtChoices, 'slit'>, rules: RuleSet): number {
  const hem = body.mm('hip') + choices.easeHip - 4 * peggingOf(choices);
  const lacking = strideOf(body, choices.length, rules) - hem;
  return clamp(lacking / rules['slit.opening'], 0, longestSlit(body, choices.length));
}

const longestSlit = (body: Body, length: number): number =>
  Math.max(0, length - body.mm('waistToHip') - SLIT_BELOW_HIP);

/** The waist of a bodice on one face of its half, and the place of its first dart or seam from the centre along it; mm. */
export interface WaistAbove {
  readonly waist: Working;
  readonly dartOut: number | undefined;
}

/** The waist of the bodice that a skirt is joined to, and its own length below that. */
export interface JoinedWaist {
  readonly front: WaistAbove;
  readonly back: WaistAbove;
  readonly length: Working;
  /** Down from the start line of the garment. */
  readonly line: Working;
}

/** Finding of a skirt that ends above the hip: it is drawn to `shortest` below the waist, which lies `waist` down; mm. */
const tooShort = (asked: number, shortest: number, waist: number): Finding[] =>
  asked >= shortest - TYPED_WITHIN
    ? []
    : [
        finding(
          'length-above-hip',
          { choice: 'length' },
          {
            found: asked,
            expected: shortest,
            remedy: { kind: 'set-choice', choice: 'length', mm: waist + shortest },
          },
        ),
      ];

/** A pegged skirt whose waist seams equal the bodice's and whose darts meet the bodice's darts. */
export function draftSkirt(
  body: Body,
  choices: SkirtChoices,
  above: JoinedWaist,
  rules: RuleSet,
  allowances: Allowances,
): Skirt {
  const scale = bodyScale(body);
  const straight = body.mm('waist') > STRAIGHT_FIGURE * body.mm('hip') || rules['school.block'] === 'table';
  const shareSum = times(byRule('skirt.frontShare', rules['skirt.frontShare']), scale);
  const share = straight ? 0 : shareSum.mm;
  const hipDepth = body.mm('waistToHip');
  const shortest = hipDepth + LEAST_BELOW_HIP;
  const findings = tooShort(choices.length, shortest, above.line.mm);
  const length = Math.max(choices.length, shortest);
  const shareTerm = named('front share', straight ? sum() : shareSum);
  const quarter = quarterSum(body.term('hip'), choices.easeHip, 'easeHip');
  const zipWanted = sum(plus(body.term('waistToHip')), minus(byRule('zip.aboveHip', rules['zip.aboveHip'])));
  const sumsOf = (which: 'front' | 'back'): SkirtSums => {
    const slit = Math.min(choices.slit, longestSlit(body, length));
    return {
      waist: above[which].waist,
      hip: sum(plus(quarter), which === 'front' ? plus(shareTerm) : minus(shareTerm)),
      hipDepth: body.term('waistToHip'),
      length: changed(above.length, 'kept', length - choices.length),
      hemBy: hemTerm(choices),
      slit: changed(chosen('slit', choices.slit, 'slit'), 'kept', slit - choices.slit),
      zipEnd: which === 'front' ? undefined : atLeast(zipWanted, divided(body.term('waistToHip'), 2)),
    };
  };
  const planBy = (which: 'front' | 'back', sums: SkirtSums): PanelPlan => ({
    which,
    scale,
    sums,
    waist: sums.waist.mm,
    hip: sums.hip.mm,
    hipDepth,
    length,
    pegging: peggingOf(choices),
    dip: which === 'front' ? 0 : rules['skirt.backDip'] * scale,
    dartOut: above[which].dartOut,
    slit: which === 'front' ? 0 : Math.min(choices.slit, longestSlit(body, length)),
    zipEnd: sums.zipEnd && sums.zipEnd.mm,
  });
  const plan = (which: 'front' | 'back'): PanelPlan => planBy(which, sumsOf(which));
  const { front, back, findings: drawn } = drawPanels(plan('front'), plan('back'), rules, allowances);
  findings.push(...drawn, ...strideFindings(body, length, [front, back], choices, rules));
  return { front, back, share, findings };
}

interface Panels {
  readonly front: Piece;
  readonly back: Piece;
  readonly findings: readonly Finding[];
}

/** Both panels by the school in force. */
function drawPanels(front: PanelPlan, back: PanelPlan, rules: RuleSet, allowances: Allowances): Panels {
  switch (rules['school.block']) {
    case 'solved': {
      const panels = drawTrue(front, back, allowances);
      return { front: panels[0].piece, back: panels[1].piece, findings: panels.flatMap(waistFindings) };
    }
    case 'table': {
      const habit = (plan: PanelPlan, intake: number) =>
        draftHabitPanel({ ...plan, dip: 0, intake, dartLength: rules['habit.dartLength'] }, allowances);
      return {
        front: habit(front, rules['habit.waistDart']),
        back: habit(back, rules['habit.backDart']),
        findings: [],
      };
    }
  }
}

function waistFindings({ piece, waist }: PanelDraft): Finding[] {
  if (waist.solved || Math.abs(waist.residual) <= 1) return [];
  return [
    finding(
      'waist-unsolved',
      { piece: piece.id, edge: 'waist', measure: 'waist' },
      { found: waist.residual, expected: 0, remedy: { kind: 'measure-again', measure: 'waist' } },
    ),
  ];
}

/** Hem and slit together must let a stride through. */
function strideFindings(
  body: Body,
  length: number,
  pieces: readonly Piece[],
  { hemBy }: SkirtChoices,
  rules: RuleSet,
): Finding[] {
  const round = (role: EdgeRole) => pieces.reduce((total, piece) => total + roleLength(piece, role), 0);
  const found = 2 * round('hem') + rules['slit.opening'] * round('slit');
  const expected = strideOf(body, length, rules);
  if (found >= expected - LEAST_LACKING) return [];
  const wanted = (expected - 2 * round('hem')) / rules['slit.opening'];
  const remedy: Remedy =
    wanted <= longestSlit(body, length)
      ? { kind: 'set-choice', choice: 'slit', mm: wanted }
      : hemBy.choice === 'pegging'
        ? { kind: 'set-choice', choice: 'pegging', mm: 0 }
        : { kind: 'set-choice', choice: 'flare', mm: hemBy.mm + (expected - found) / 4 };
  return [finding('hem-below-stride', { choice: 'slit' }, { found, expected, remedy })];
}

/** Draws both panels; the shorter side is carried on at the hem, where it disturbs nothing. */
function drawTrue(front: PanelPlan, back: PanelPlan, allowances: Allowances): [PanelDraft, PanelDraft] {
  const [frontSide, backSide] = [planPanelSide(front), planPanelSide(back)];
  const difference = curveLength(frontSide.side) - curveLength(backSide.side);
  const extended = (planned: PlannedSide, by: number): PlannedSide => ({
    ...planned,
    side: extendSide(planned.side, by),
  });
  return [
    draftPanel(front, extended(frontSide, -difference), allowances),
    draftPanel(back, extended(backSide, difference), allowances),
  ];
}
