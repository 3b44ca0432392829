import { allowancesFrom } from '../pieces/allowances.ts';
import { resolveBody } from '../drafting/body.ts';
import { finding } from '../findings/finding.ts';
import type { DrawnGarment } from '../garment/assemble-draft.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import { joinOf } from '../garment/join.ts';
import { slots, type DrawnPart, type Part } from '../garment/part.ts';
import type { Piece } from '../pieces/piece.ts';
import { chosenParts } from './part-book.ts';
import { partRecipeOf } from './part-recipe-book.ts';

const marked = (piece: Piece, marks: DrawnPart['marks']): Piece => {
  const own = marks.filter(({ piece: id }) => id === piece.id);
  return own.length === 0
    ? piece
    : { ...piece, notches: [...piece.notches, ...own.map(({ edge, at, kind }) => ({ edge, at, kind }))] };
};

/** One part sewn to the join that it needs; where the garment offers none, as it was drawn, or a measure is missing, a finding says so. */
function withPart(garment: DrawnGarment, part: Part, input: DraftInput): DrawnGarment {
  const kind = slots[part.slot];
  const join = joinOf(kind, garment.pieces, garment.seams);
  if (!join)
    return {
      ...garment,
      findings: [
        ...garment.findings,
        finding(
          'part-without-join',
          { choice: part.slot, subject: kind },
          { remedy: { kind: 'set-option', choice: part.slot, option: 'none' } },
        ),
      ],
    };
  const needs = part.requires.filter((id) => input.person.values[id] === undefined);
  const [first] = needs;
  if (first !== undefined)
    return {
      ...garment,
      findings: [
        ...garment.findings,
        finding(
          'part-needs-measures',
          { choice: part.slot, measure: first },
          { part: part.name, needs, remedy: { kind: 'measure-again', measure: first } },
        ),
      ],
    };
  const { rules } = input;
  const { body, findings } = resolveBody(input.person, part.derives, rules);
  const carrying = new Set([...join.front.runs, ...join.back.runs].map(({ piece }) => piece));
  const drawn = partRecipeOf(part).draw({
    body,
    values: input.choices,
    rules,
    allowances: allowancesFrom(rules, input.allowances),
    join,
    carriers: garment.pieces.filter(({ id }) => carrying.has(id)),
  });
  return {
    pieces: [...garment.pieces.map((piece) => marked(piece, drawn.marks)), ...drawn.pieces],
    seams: [...garment.seams, ...drawn.seams],
    girths: [...garment.girths, ...drawn.girths],
    covering: garment.covering,
    details: [...garment.details, ...drawn.details],
    checks: (named) => [...garment.checks(named), ...drawn.checks(named)],
    findings: [...garment.findings, ...findings, ...drawn.findings],
  };
}

/** A garment with the parts that were chosen for it, each sewn to what it needs. */
export const withParts = (garment: DrawnGarment, input: DraftInput): DrawnGarment =>
  chosenParts(input.choices).reduce((made, part) => withPart(made, part, input), garment);

/** Choices of those parts, their defaults filled in. */
export const chosenOfParts = (input: DraftInput): ChoiceValues =>
  chosenParts(input.choices).reduce<ChoiceValues>(
    (filled, part) => ({ ...filled, [part.slot]: part.id, ...partRecipeOf(part).chosen(input.choices) }),
    {},
  );
