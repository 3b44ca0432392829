import { allowancesFrom } from '../pieces/allowances.ts';
import { frontWaistLine } from '../drafting/bodice/frame.ts';
import { resolveBody, type Body } from '../drafting/body.ts';
import type { Detail } from '../drafting/detail.ts';
import { finding, type Finding } from '../findings/finding.ts';
import type { DrawnGarment } from '../garment/assemble-draft.ts';
import { withDefaults, type ChoiceValues } from '../garment/choice.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import type { Remedy } from '../findings/remedy.ts';
import { joinOf, liningJoinOf, type JoinKind } from '../garment/join.ts';
import {
  slotIds,
  slots,
  type BodicePart,
  type Composition,
  type DrawInput,
  type DrawnPart,
  type Part,
  type PartInput,
  type Wearer,
} from '../garment/part.ts';
import type { MeasureId } from '../measures/catalogue.ts';
import { edgesByName } from '../pieces/named-edge.ts';
import { clothRoles, type Piece } from '../pieces/piece.ts';
import { bodicePart, chosenParts } from './part-book.ts';
import { bodiceRecipeOf, partRecipeOf } from './part-recipe-book.ts';

const marked = (piece: Piece, marks: DrawnPart['marks']): Piece => {
  const own = marks.filter(({ piece: id }) => id === piece.id);
  return own.length === 0
    ? piece
    : { ...piece, notches: [...piece.notches, ...own.map(({ edge, at, kind }) => ({ edge, at, kind }))] };
};

/** The zip of the bodice carried on down what was sewn to it. */
const runOn = (details: readonly Detail[], zip: DrawnPart['zip']): readonly Detail[] =>
  !zip
    ? details
    : details.map((detail) =>
        detail.kind === 'zip' && detail.face === 'back'
          ? { ...detail, edges: [...detail.edges, ...zip.edges], to: zip.to }
          : detail,
      );

/** A skirt at the height that it is sewn to. */
const hungAt = (detail: Detail, above: number): Detail =>
  detail.kind === 'skirt' && above > 0 ? { ...detail, above } : detail;

const withFindings = (garment: DrawnGarment, ...findings: readonly Finding[]): DrawnGarment => ({
  ...garment,
  findings: [...garment.findings, ...findings],
});

/** A remedy for a join that is not there as the garment is chosen: another neckline where that was chosen, or no such part. */
const fittingRemedy = (kind: JoinKind, { slot }: Part, { values }: DrawInput): Remedy =>
  kind === 'neck' && (values['neckline'] ?? 'round') !== 'round'
    ? { kind: 'set-option', choice: 'neckline', option: 'round' }
    : { kind: 'set-option', choice: slot, option: 'none' };

/** Where a garment opens by a zip, as far as it is drawn. */
function opensAt({ details, pieces }: DrawnGarment): PartInput['opens'] {
  const find = edgesByName(pieces);
  const zips = details.flatMap((detail) => (detail.kind === 'zip' ? detail.edges : []));
  if (zips.length === 0) return 'nowhere';
  return zips.every((name) => find(name)?.edge.role === 'side') ? 'side' : 'centre';
}

/** One part sewn to the join that it needs; where the garment offers none, as it was drawn, a finding says so. */
function withPart(garment: DrawnGarment, part: Part, { lacks }: BodicePart, input: DrawInput): DrawnGarment {
  const kind = slots[part.slot];
  const { hangsAbove = 0 } = garment;
  const isOutOfReach = part.fromWaist === true && hangsAbove > 0;
  const join = lacks[kind] || isOutOfReach ? undefined : joinOf(kind, garment.pieces, garment.seams);
  if (!join)
    return withFindings(
      garment,
      finding(
        'part-without-join',
        { choice: part.slot, subject: kind },
        { remedy: fittingRemedy(kind, part, input) },
      ),
    );
  const carrying = new Set([...join.front.runs, ...join.back.runs].map(({ piece }) => piece));
  const drawn = partRecipeOf(part).draw({
    ...input,
    join,
    lining: liningJoinOf(kind, garment.pieces),
    besideNeck: garment.besideNeck,
    hangsAbove,
    carriers: garment.pieces.filter(({ id }) => carrying.has(id)),
    opens: opensAt(garment),
  });
  return {
    ...garment,
    pieces: [...garment.pieces.map((piece) => marked(piece, drawn.marks)), ...drawn.pieces],
    seams: [...garment.seams, ...drawn.seams],
    girths: [...garment.girths, ...drawn.girths],
    details: [...runOn(garment.details, drawn.zip), ...drawn.details.map((each) => hungAt(each, hangsAbove))],
    checks: (named) => [...garment.checks(named), ...drawn.checks(named)],
    findings: [...garment.findings, ...drawn.findings],
  };
}

/** Measures that a part needs and that nobody took. */
const missingFor = ({ requires }: Part, { person }: DraftInput): MeasureId[] =>
  requires.filter((id) => person.values[id] === undefined);

/** A part is left out while its measures are missing: a finding names them. */
function missingFindings(part: Part, input: DraftInput): Finding[] {
  const needs = missingFor(part, input);
  const [first] = needs;
  if (first === undefined) return [];
  return [
    finding(
      'part-needs-measures',
      { choice: part.slot, measure: first },
      { part: part.name, needs, remedy: { kind: 'measure-again', measure: first } },
    ),
  ];
}

/** The body with what its parts work out of it. */
const bodyFor = (bodice: BodicePart, parts: readonly Part[], { person, rules }: DraftInput) =>
  resolveBody(person, [...new Set([bodice, ...parts].flatMap(({ derives }) => derives))], rules);

/** The wearer of a garment on a bodice. */
const wearerOf = (bodice: BodicePart, body: Body, { rules, choices }: DraftInput): Wearer => ({
  body,
  rules,
  waistLine: () =>
    bodiceRecipeOf(bodice).waistLine?.(choices, { body, rules }) ?? frontWaistLine(body, rules).mm,
});

/** The parts that can be drawn of those that were chosen. */
const drawable = (composition: Composition, input: DraftInput): Part[] =>
  chosenParts(composition, input.choices).filter((part) => missingFor(part, input).length === 0);

/** Cloth after cloth; facings after what they face. */
const cutOrder = ({ role, part }: Piece): number =>
  2 * clothRoles.indexOf(role) + (part === 'facing' ? 1 : 0);

/** A garment from its parts: its bodice, and each other sewn to the join that it needs; its pieces in the order in which cloths are cut. */
export function combine(composition: Composition, input: DraftInput): DrawnGarment {
  const bodice = bodicePart(composition);
  const parts = drawable(composition, input);
  const { body, findings } = bodyFor(bodice, parts, input);
  const { rules, choices: values } = input;
  const common: DrawInput = {
    ...wearerOf(bodice, body, input),
    values,
    allowances: allowancesFrom(rules, input.allowances),
  };
  const garment = parts.reduce(
    (made, part) => withPart(made, part, bodice, common),
    bodiceRecipeOf(bodice).draw(common),
  );
  const missing = chosenParts(composition, values).flatMap((part) => missingFindings(part, input));
  return {
    ...withFindings(garment, ...missing, ...findings),
    pieces: [...garment.pieces].sort((a, b) => cutOrder(a) - cutOrder(b)),
  };
}

/** The choices of a part that cannot be drawn yet: those that were made, and the defaults that do not go by the body. */
function chosenSoFar({ choices }: Part, values: ChoiceValues): ChoiceValues {
  const filled = Object.entries(withDefaults(choices, values));
  return Object.fromEntries(
    filled.filter(([id]) => values[id] !== undefined || choices[id]?.usual !== 'from-body'),
  );
}

/** The choices of all its parts that are in force, defaults filled in, mm; which part stands in each slot among them. */
export function chosenOf(composition: Composition, input: DraftInput): ChoiceValues {
  const { choices: values } = input;
  const bodice = bodicePart(composition);
  const [parts, drawn] = [chosenParts(composition, values), drawable(composition, input)];
  const wearer = wearerOf(bodice, bodyFor(bodice, drawn, input).body, input);
  const chosen = (part: Part) =>
    drawn.includes(part) ? partRecipeOf(part).chosen(values, wearer) : chosenSoFar(part, values);
  const filled: readonly ChoiceValues[] = [
    Object.fromEntries(slotIds.map((slot) => [slot, 'none'])),
    Object.fromEntries(parts.map(({ id, slot }) => [slot, id])),
    bodiceRecipeOf(bodice).chosen(values, wearer),
    ...parts.map(chosen),
  ];
  return Object.fromEntries(filled.flatMap((each) => Object.entries(each)));
}
