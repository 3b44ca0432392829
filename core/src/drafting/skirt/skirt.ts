import { finding, type Finding } from '../../checks/finding.ts';
import { curveLength } from '../../geometry/curve.ts';
import { edgeOf, roleLength, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import type { Allowances } from '../allowances.ts';
import type { Body } from '../body.ts';
import { bodyScale } from '../bodice/frame.ts';
import { draftPanel, extendSide, planPanelSide, type PanelDraft, type PanelPlan } from './panel.ts';

export interface SkirtChoices {
  readonly easeHip: number;
  readonly pegging: number;
  /** Waist to finished hem at the centre, mm. */
  readonly length: number;
}

export interface Skirt {
  readonly front: Piece;
  readonly back: Piece;
  readonly share: number;
  readonly findings: readonly Finding[];
}

/** A skirt reaches at least this far below the hip, mm; above it there is no hem to draw. */
export const LEAST_BELOW_HIP = inches(2);
/** Where waist and hip are this close there is no front share: the figure is as round behind as before. */
const STRAIGHT_FIGURE = 0.92;

/** How far from the centre a bodice panel's innermost dart meets the waist, along the sewn waist, mm. */
function dartOut(bodice: Piece): number | undefined {
  const dart = bodice.darts.find(({ id }) => id.startsWith('waist-dart'));
  return dart && curveLength(edgeOf(bodice, 'waist-1').path);
}

/** A pegged skirt whose waist seams equal the bodice's and whose darts meet the bodice's darts. */
export function draftSkirt(
  body: Body,
  choices: SkirtChoices,
  bodice: { front: Piece; back: Piece },
  rules: RuleSet,
  allowances: Allowances,
): Skirt {
  const scale = bodyScale(body);
  const share = body.mm('waist') > STRAIGHT_FIGURE * body.mm('hip') ? 0 : rules['skirt.frontShare'] * scale;
  const hipDepth = body.mm('waistToHip');
  const findings: Finding[] = [];
  const shortest = hipDepth + LEAST_BELOW_HIP;
  if (choices.length < shortest) {
    findings.push(
      finding(
        'length-above-hip',
        { choice: 'length' },
        { found: choices.length, expected: shortest, remedy: { kind: 'set-choice', choice: 'length' } },
      ),
    );
  }
  const plan = (which: 'front' | 'back'): PanelPlan => ({
    which,
    scale,
    waist: roleLength(bodice[which], 'waist'),
    hip: (body.mm('hip') + choices.easeHip) / 4 + (which === 'front' ? share : -share),
    hipDepth,
    length: Math.max(choices.length, shortest),
    pegging: choices.pegging,
    dip: which === 'front' ? 0 : rules['skirt.backDip'] * scale,
    dartOut: dartOut(bodice[which]),
  });
  const [front, back] = drawTrue(plan('front'), plan('back'), allowances);
  for (const { piece, waist } of [front, back]) {
    if (!waist.solved && Math.abs(waist.residual) > 1) {
      findings.push(
        finding(
          'waist-unsolved',
          { piece: piece.id, edge: 'waist', measure: 'waist' },
          { found: waist.residual, expected: 0, remedy: { kind: 'measure-again', measure: 'waist' } },
        ),
      );
    }
  }
  const stride = rules['walking.ratio'] * body.mm('hip');
  const hemRound = 2 * (roleLength(front.piece, 'hem') + roleLength(back.piece, 'hem'));
  if (hemRound < stride && choices.length > body.mm('waistToKnee') - inches(2)) {
    findings.push(
      finding(
        'hem-below-stride',
        { choice: 'pegging' },
        { found: hemRound, expected: stride, remedy: { kind: 'set-choice', choice: 'pegging', mm: 0 } },
      ),
    );
  }
  return { front: front.piece, back: back.piece, share, findings };
}

/** Draws both panels; the shorter side is carried on at the hem, where it disturbs nothing. */
function drawTrue(front: PanelPlan, back: PanelPlan, allowances: Allowances): [PanelDraft, PanelDraft] {
  const [frontSide, backSide] = [planPanelSide(front), planPanelSide(back)];
  const difference = curveLength(frontSide.side) - curveLength(backSide.side);
  return [
    draftPanel(front, extendSide(frontSide.side, -difference), frontSide.darts, allowances),
    draftPanel(back, extendSide(backSide.side, difference), backSide.darts, allowances),
  ];
}
