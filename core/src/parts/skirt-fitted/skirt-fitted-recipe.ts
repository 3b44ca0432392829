import { zipFindings } from '../../checks/openings.ts';
import { usualSize } from '../../drafting/bodice/frame.ts';
import { lineSkirt } from '../../drafting/operations/pieces/line-skirt.ts';
import { draftSkirt, slitForStride, type Skirt, type SkirtChoices } from '../../drafting/skirt/skirt.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import { dartOut, joinEdges, type Join } from '../../garment/join.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { dartSeams, edgesOf, joined } from '../../garment/seam-parts.ts';
import { workingOf } from '../../pieces/carry-dimensions.ts';
import { girthOf } from '../../pieces/girth.ts';
import type { Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import {
  byRule,
  chosen as chosenTerm,
  drawn,
  minus,
  named,
  plus,
  sum,
  type Working,
} from '../../workings/working.ts';
import { skirtFittedChoices, type SkirtFittedChosen } from './choices.ts';

/** Difference of the hem from the hip, by the choice that its line goes by. */
function hemBy({ skirtLine, pegging, flare }: SkirtFittedChosen): SkirtChoices['hemBy'] {
  return skirtLine === 'aline' ? { choice: 'flare', mm: flare } : { choice: 'pegging', mm: pegging };
}

/** Unless chosen, the hem falls at the knee, and the slit lets a stride through. */
function fill(values: ChoiceValues, { body, rules, waistLine: down }: Wearer): SkirtFittedChosen {
  const filled = withDefaults(skirtFittedChoices, values, usualSize(body));
  const waist = down();
  const length = filled.length || waist + body.mm('waistToKnee');
  const skirt = { easeHip: filled.easeHip, hemBy: hemBy(filled), length: length - waist };
  const slit = values['slit'] === undefined ? slitForStride(body, skirt, rules) : filled.slit;
  return { ...filled, length, slit };
}

/** The waist at the centre front, down from the start line. */
function waistLine({ carriers, join }: PartInput): Working {
  const front = carriers.find(({ id }) => id === join.front.runs[0]?.piece);
  const line = front && workingOf(front, 'waist-line');
  return line ? named('waist line', line) : drawn('waist line', join.front.start.y);
}

function skirtOf(input: PartInput, chosen: SkirtFittedChosen): Skirt {
  const { body, rules, allowances, join } = input;
  const line = waistLine(input);
  const length = sum(plus(chosenTerm('length', chosen.length, 'length')), minus(line));
  return draftSkirt(
    body,
    { easeHip: chosen.easeHip, hemBy: hemBy(chosen), length: length.mm, slit: chosen.slit },
    {
      front: { waist: join.front.length, dartOut: dartOut(join.front) },
      back: { waist: join.back.length, dartOut: dartOut(join.back) },
      length,
      line,
    },
    rules,
    allowances,
  );
}

/** The seams of a skirt of two panels on the half, and those that sew it to a waist. */
function seamsOf(of: '' | 'lining ', front: Piece, back: Piece, join: Join): Seam[] {
  return [
    joined(`${of}skirt side`, 'side', front, back),
    equalSeam(`${of}waist front`, joinEdges(join.front), edgesOf(front, 'waist'), 'waist'),
    equalSeam(`${of}waist back`, joinEdges(join.back), edgesOf(back, 'waist'), 'waist'),
    ...[front, back].flatMap(dartSeams),
  ];
}

/** The same panels in the lining, above the hem, sewn to the lining of the bodice. */
function linedOf(
  { front, back }: Skirt,
  { lining, rules, allowances }: PartInput,
): Pick<DrawnPart, 'pieces' | 'seams'> {
  if (!lining) return { pieces: [], seams: [] };
  const plan = {
    shorter: byRule('lining.shorter', rules['lining.shorter']),
    hemAllowance: allowances.liningHem,
    centreAllowance: allowances.zip,
  };
  const [inFront, behind] = [lineSkirt(front, plan), lineSkirt(back, plan)];
  return { pieces: [inFront, behind], seams: seamsOf('lining ', inFront, behind, lining) };
}

function draw(input: PartInput): DrawnPart {
  const { body, rules, join } = input;
  const chosen = fill(input.values, input);
  const skirt = skirtOf(input, chosen);
  const { front, back } = skirt;
  const lined = linedOf(skirt, input);
  const zipEnd = body.mm('waistToHip') - rules['zip.aboveHip'];
  return {
    pieces: [front, back, ...lined.pieces],
    seams: [...seamsOf('', front, back, join), ...lined.seams],
    girths: [girthOf('hip', [front, back], body.mm('hip'), chosen.easeHip)],
    details: [],
    zip: { edges: edgesOf(back, 'centre'), to: zipEnd },
    checks: (named) =>
      zipFindings([named(front.id), named(back.id)], zipEnd, body.taken('bust'), body.mm('hip')),
    findings: skirt.findings,
    marks: [],
  };
}

export const skirtFittedRecipe: PartRecipe = { draw, chosen: fill };
