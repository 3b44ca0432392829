import { coverageOf } from '../../checks/coverage.ts';
import { armholeFindings, zipFindings } from '../../checks/openings.ts';
import { measureRound, roundFindings } from '../../checks/rounds.ts';
import { outlineFindings, seamFindings } from '../../checks/seam-findings.ts';
import { finding } from '../../checks/finding.ts';
import { allowancesFrom } from '../../drafting/allowances.ts';
import { bodiceFrame } from '../../drafting/bodice/frame.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Draft } from '../../drafting/draft.ts';
import { setByHand, unknownFigures } from '../../drafting/hand-figures.ts';
import { slitForStride } from '../../drafting/skirt/skirt.ts';
import { checkSeams } from '../../pieces/check-seams.ts';
import type { DraftedPiece } from '../../pieces/drafted-piece.ts';
import type { Piece } from '../../pieces/piece.ts';
import { withDefaults, type ChoiceValues, type DraftInput, type Recipe } from '../style.ts';
import { fittedDressChoices } from './choices.ts';
import { fittedDress } from './fitted-dress.ts';
import { dressFigures } from './dress-figures.ts';
import { draftDress, type Chosen, type DressDraft } from './pieces.ts';
import { dressSeams, lengthOf } from './seams.ts';

/** Choices with defaults filled in: unless chosen, the neck lies at its base, the hem falls at the knee and the slit lets a stride through. */
function fillChoices(body: Body, { choices, rules }: DraftInput): Chosen {
  const filled = withDefaults(fittedDressChoices, choices);
  const { frame } = bodiceFrame(body, filled, rules);
  const length = filled.length || frame.waist.front + body.mm('waistToKnee');
  const skirt = { easeHip: filled.easeHip, pegging: filled.pegging, length: length - frame.waist.front };
  return {
    ...filled,
    neckWidth: filled.neckWidth || frame.neckPoint.x,
    length,
    slit: choices['slit'] === undefined ? slitForStride(body, skirt, rules) : filled.slit,
  };
}

/** What the checks find on the finished pieces. */
function checked(
  body: Body,
  choices: Chosen,
  dress: DressDraft,
  drafted: readonly DraftedPiece[],
  { rules, figures: hand }: DraftInput,
): Omit<Draft, 'pieces' | 'figures'> {
  const named = (id: string): DraftedPiece => {
    const found = drafted.find(({ piece }) => piece.id === id);
    if (!found) throw new Error(`the dress has no ${id}`);
    return found;
  };
  const bodice = [named('bodice-front'), named('bodice-back')];
  const skirt = [named('skirt-front'), named('skirt-back')];
  const seams = checkSeams(
    drafted.map(({ piece }) => piece),
    dressSeams(dress.pieces),
  );
  const rounds = [
    measureRound('bust', bodice, body.mm('bust'), choices.easeBust),
    measureRound('waist', bodice, body.mm('waist'), choices.easeWaist),
    measureRound('hip', skirt, body.mm('hip'), choices.easeHip),
  ];
  const zipEnd = body.mm('waistToHip') - rules['zip.aboveHip'];
  return {
    seams,
    rounds,
    coverage: coverageOf(bodice.map(({ piece }) => piece)),
    findings: [
      ...dress.findings,
      ...outlineFindings(drafted, hand, lengthOf),
      ...seamFindings(seams, hand),
      ...roundFindings(rounds, { school: rules['school.block'], hand }),
      ...zipFindings(skirt, zipEnd, body.mm('bust'), body.mm('hip')),
      ...armholeFindings(bodice, (id) => body.taken(id)),
    ],
  };
}

function draft(input: DraftInput): Draft {
  const { rules } = input;
  const { body, findings } = resolveBody(input.person, fittedDress.derives, rules);
  const choices = fillChoices(body, input);
  const allowances = allowancesFrom(rules, input.allowances);
  const dress = draftDress(body, choices, rules, allowances);
  const figuresOf = dressFigures({ body, allowances, rules }, choices, dress);
  const made = Object.values<Piece>({ ...dress.pieces }).map((piece) =>
    setByHand(piece, figuresOf, input.figures),
  );
  const drafted = made.map((each) => each.drafted);
  const figures = made.flatMap((each) => each.figures);
  const unknown = unknownFigures(input.figures, figures).map((id) =>
    finding('figure-unknown', { figure: id }, { remedy: { kind: 'clear-figure', figure: id } }),
  );
  const checks = checked(body, choices, dress, drafted, input);
  return {
    ...checks,
    pieces: drafted,
    figures,
    findings: [...made.flatMap((each) => each.findings), ...checks.findings, ...unknown, ...findings],
  };
}

export const fittedDressRecipe: Recipe = {
  draft,
  chosen: (input): ChoiceValues =>
    fillChoices(resolveBody(input.person, fittedDress.derives, input.rules).body, input),
};
