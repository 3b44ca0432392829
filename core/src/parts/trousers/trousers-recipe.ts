import { zipFindings } from '../../checks/openings.ts';
import type { Named } from '../../checks/rounds.ts';
import type { Body } from '../../drafting/body.ts';
import { bodyScale, quarterSum, usualSize } from '../../drafting/bodice/frame.ts';
import type { Detail } from '../../drafting/detail.ts';
import { draftLegs } from '../../drafting/trousers/draft-legs.ts';
import { downCentre } from '../../drafting/trousers/leg-shape.ts';
import type { LegPlan } from '../../drafting/trousers/leg-plan.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import { TYPED_WITHIN } from '../../findings/remedy.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import { dartOut, joinEdges, type Join } from '../../garment/join.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { dartSeams, edgesOf, joined } from '../../garment/seam-parts.ts';
import { girthOf } from '../../pieces/girth.ts';
import { faces, roleLength, type Face, type Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import {
  atLeast,
  atMost,
  byRule,
  changed,
  chosen as chosenTerm,
  divided,
  minus,
  named,
  plus,
  sum,
  times,
} from '../../workings/working.ts';
import { trousersChoices, type TrousersChosen } from './choices.ts';

/** The hem clears the floor by this, mm, and the knee its leg by this. Common practice. */
const OFF_FLOOR = inches(1);
const AT_KNEE = inches(4);
/** A knee that was not measured, as a part of the hip. The team’s guess, for a default alone. */
const KNEE_OF_HIP = 0.38;
/** The hip line lies at least this far above the crotch line, and the knee line above the hem and below the crotch line, mm. */
const HIP_ABOVE_CROTCH = inches(1.5);
const KNEE_ABOVE_HEM = inches(1);
const KNEE_BELOW_CROTCH = inches(4);

/** A leg is drawn at least so long, from the waist seam to its hem, mm. */
const shortestLeg = (crotch: number): number => crotch + KNEE_BELOW_CROTCH + KNEE_ABOVE_HEM;

function fill(values: ChoiceValues, { body }: Pick<Wearer, 'body'>): TrousersChosen {
  const filled = withDefaults(trousersChoices, values, usualSize(body));
  const knee = (body.taken('knee') ?? KNEE_OF_HIP * body.mm('hip')) + usualSize(body) * AT_KNEE;
  return {
    ...filled,
    trouserLength:
      filled.trouserLength || (body.taken('waistToAnkle') ?? body.mm('waistToFloor') - OFF_FLOOR),
    legKnee: filled.legKnee || Math.max(knee, filled.legHem),
  };
}

/** Sums that both panels share. */
function sharedSums({ body, rules }: PartInput, chosen: TrousersChosen) {
  const term = (id: keyof TrousersChosen) => choiceTerm(trousersChoices, id, chosen[id]);
  const crotch = sum(plus(body.term('crotchDepth')), plus(term('crotchEase')));
  const wanted = term('trouserLength');
  const length = changed(wanted, 'kept', Math.max(0, shortestLeg(crotch.mm) - wanted.mm));
  const belowCrotch = sum(plus(crotch), plus(chosenTerm('below the crotch line', KNEE_BELOW_CROTCH)));
  return {
    crotch,
    length,
    hipDepth: atMost(
      body.term('waistToHip'),
      sum(plus(crotch), minus(chosenTerm('above the crotch line', HIP_ABOVE_CROTCH))),
    ),
    kneeDown: atMost(
      atLeast(body.term('waistToKnee'), belowCrotch),
      sum(plus(length), minus(chosenTerm('above the hem', KNEE_ABOVE_HEM))),
    ),
    quarter: quarterSum(body.term('hip'), chosen.easeHip, 'easeHip'),
    share: divided(byRule('trousers.backShare', rules['trousers.backShare']), 2),
    leg: byRule('trousers.legShare', rules['trousers.legShare']),
    knee: divided(term('legKnee'), 2),
    hem: divided(term('legHem'), 2),
  };
}

function planOf(face: Face, input: PartInput, chosen: TrousersChosen): LegPlan {
  const { body, rules, join } = input;
  const { quarter, share, leg, knee, hem, ...sums } = sharedSums(input, chosen);
  const scale = bodyScale(body);
  const of = face === 'front' ? minus : plus;
  const hip = sum(plus(quarter), of(named('half of what the back is wider', share)));
  const fork = face === 'front' ? rules['trousers.frontFork'] : rules['trousers.backFork'];
  const seat = (id: 'trousers.seatSlant' | 'trousers.backRise') =>
    face === 'front' ? sum() : times(byRule(id, rules[id]), scale);
  return {
    face,
    scale,
    waist: join[face].length,
    dartOut: dartOut(join[face]),
    hip,
    ...sums,
    fork: times(named('at the hip', hip), fork),
    knee: sum(plus(knee), of(leg)),
    hem: sum(plus(hem), of(leg)),
    slant: seat('trousers.seatSlant'),
    rise: seat('trousers.backRise'),
    zipEnd:
      face === 'front'
        ? undefined
        : atLeast(
            sum(plus(sums.hipDepth), minus(byRule('zip.aboveHip', rules['zip.aboveHip']))),
            divided(sums.hipDepth, 2),
          ),
  };
}

const seamsOf = (front: Piece, back: Piece, join: Join): Seam[] => [
  equalSeam('trousers to waist, front', joinEdges(join.front), edgesOf(front, 'waist'), 'waist'),
  equalSeam('trousers to waist, back', joinEdges(join.back), edgesOf(back, 'waist'), 'waist'),
  joined('trousers side', 'side', front, back),
  joined('inseam', 'inseam', front, back),
  ...[front, back].flatMap(dartSeams),
];

/** Legs that would end at their crotch are drawn a little longer. */
function lengthFindings({ trouserLength }: TrousersChosen, crotch: number): Finding[] {
  const least = shortestLeg(crotch);
  if (trouserLength >= least - TYPED_WITHIN) return [];
  return [
    finding(
      'leg-above-crotch',
      { piece: 'trousers-front', choice: 'trouserLength' },
      {
        found: trouserLength,
        expected: least,
        remedy: { kind: 'set-choice', choice: 'trouserLength', mm: least },
      },
    ),
  ];
}

/** The foot must pass a closed hem, where it was measured. */
function footFindings(body: Body, pieces: readonly Piece[], named: Named): Finding[] {
  const expected = body.taken('foot');
  const found = pieces.reduce((round, { id }) => round + roleLength(named(id).piece, 'hem'), 0);
  if (expected === undefined || found >= expected) return [];
  return [
    finding(
      'opening-too-small',
      { piece: 'trousers-front', subject: 'trouser leg', measure: 'foot' },
      {
        found,
        expected,
        remedy: { kind: 'set-choice', choice: 'legHem', mm: expected },
      },
    ),
  ];
}

/** Under a bodice, which cannot ride up, the crotch lies deeper; on a band it need not. */
function sittingFindings({ carriers, rules }: PartInput, { crotchEase }: TrousersChosen): Finding[] {
  const expected = rules['trousers.sitting'];
  if (carriers.some(({ part }) => part === 'waistband') || crotchEase >= expected) return [];
  return [
    finding(
      'no-room-to-sit',
      { choice: 'crotchEase' },
      { found: crotchEase, expected, remedy: { kind: 'set-choice', choice: 'crotchEase', mm: expected } },
    ),
  ];
}

const hanging = (pieces: readonly Piece[], chosen: TrousersChosen, { crotch, kneeDown, length, hip }: LegPlan, rounds: { readonly waist: number; readonly hip: number; readonly thigh: number }, zip: number): Detail => ({
  kind: 'trousers',
  pieces: pieces.map(({ id }) => id),
  crotch: crotch.mm,
  waist: rounds.waist,
  hip: rounds.hip,
  legs: [
    [crotch.mm, Math.max(rounds.thigh, hip.mm)],
    [kneeDown.mm, chosen.legKnee],
    [length.mm, chosen.legHem],
  ],
  zip,
}); // prettier-ignore

function draw(input: PartInput): DrawnPart {
  const { body, join, allowances } = input;
  const chosen = fill(input.values, input);
  const plans = { front: planOf('front', input, chosen), back: planOf('back', input, chosen) };
  const { front, back, unsolved } = draftLegs(plans.front, plans.back, allowances);
  const pieces = [front, back];
  const zipEnd = plans.back.zipEnd?.mm ?? 0;
  const thigh = faces.reduce((round, face) => round + plans[face].hip.mm + plans[face].fork.mm, 0);
  const waist = 2 * (join.front.length.mm + join.back.length.mm);
  return {
    pieces,
    seams: seamsOf(front, back, join),
    girths: [
      girthOf('hip', pieces, body.mm('hip'), chosen.easeHip),
      ...(body.taken('thigh') === undefined ? [] : [girthOf('crotch', pieces, body.mm('thigh'), 0, 'at-least')]),
      ...(body.taken('knee') === undefined ? [] : [girthOf('knee', pieces, body.mm('knee'), 0, 'at-least')]),
    ],
    details: [
      hanging(pieces, chosen, plans.front, { waist, hip: 2 * (plans.front.hip.mm + plans.back.hip.mm), thigh }, downCentre(plans.back, zipEnd)),
    ],
    checks: (named) => [
      ...zipFindings(pieces.map(({ id }) => named(id)), zipEnd, undefined, body.mm('hip')),
      ...footFindings(body, pieces, named),
    ],
    findings: [
      ...sittingFindings(input, chosen),
      ...lengthFindings(chosen, plans.front.crotch.mm),
      ...unsolved.map(({ plan, waist: seam }) =>
        finding(
          'waist-unsolved',
          { piece: `trousers-${plan.face}`, edge: 'waist', measure: 'waist' },
          { found: seam.residual, expected: 0, remedy: { kind: 'measure-again', measure: 'waist' } },
        ),
      ),
    ],
    marks: [],
  };
} // prettier-ignore

export const trousersRecipe: PartRecipe = { draw, chosen: fill };
