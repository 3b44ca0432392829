import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import type { Notch, Piece } from '../../pieces/piece.ts';
import { chosen as chosenTerm, named, plus, sum, times, type Working } from '../../workings/working.ts';
import {
  hungHem,
  hungHipFindings,
  hungPanels,
  hungPiece,
  hungSeams,
  hungZip,
  hungZipAt,
  straightOutline,
  type HungPanel,
} from '../hung-skirt/hung-skirt.ts';
import { skirtPleatedChoices, type SkirtPleatedChosen } from './choices.ts';

/** Pleats of a quarter, each so deep as it lies folded; mm. */
interface Pleats {
  readonly count: number;
  readonly depth: number;
}

const takenBy = ({ count, depth }: Pleats): Working =>
  chosenTerm(`${count} pleats, twice deep`, 2 * count * depth, 'skirtPleat');

/** Both folds of each pleat: they share the quarter evenly, the first half a share from the centre. */
const foldNotches = (share: number, { count, depth }: Pleats): Notch[] =>
  Array.from({ length: count }, (_, index) => ((index + 0.5) * share) / count + 2 * depth * index).flatMap(
    (at) => [at, at + 2 * depth].map((place): Notch => ({ edge: 'waist', at: place, kind: 'single' })),
  );

/** A straight panel: as wide as its share of the waist and what its pleats take up. */
function panelOf(panel: HungPanel, pleats: Pleats, length: Working, { allowances }: PartInput): Piece {
  const width = sum(plus(named('its share of the waist', panel.waist)), plus(takenBy(pleats)));
  const dimensions: Dimension[] = [
    { name: 'waist-edge', label: 'Pleated edge, on the half', kind: 'length', at: { kind: 'run', of: 'waist' }, working: width },
    { name: 'length', label: 'Length at the centre', kind: 'length', at: { kind: 'edge', edge: panel.centre?.id ?? 'side' }, working: length },
  ];
  return hungPiece(
    { ...panel, notches: [...panel.notches, ...foldNotches(panel.waist.mm, pleats)] },
    { outline: straightOutline(width.mm, length.mm), gathered: 1, lower: hungHem(allowances.hem), dimensions },
    allowances,
  );
} // prettier-ignore

const fill = (values: PartInput['values'], { body }: Wearer): SkirtPleatedChosen =>
  withDefaults(skirtPleatedChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const { join } = input;
  const chosen = fill(input.values, input);
  const pleats: Pleats = { count: Number(chosen.skirtPleats), depth: chosen.skirtPleat };
  const length = choiceTerm(skirtPleatedChoices, 'skirtLength', chosen.skirtLength);
  const waist = times(sum(plus(join.front.length), plus(join.back.length)), 2).mm;
  const hem = waist + 4 * takenBy(pleats).mm;
  const panels = hungPanels(input, length.mm, 2);
  return {
    pieces: panels.map((panel) => panelOf(panel, pleats, length, input)),
    seams: hungSeams(input, 2, { kind: 'pleats', ...pleats, towards: 'end' }),
    girths: [],
    details: [
      {
        kind: 'skirt',
        pieces: panels.map(({ id }) => id),
        length: length.mm,
        waist,
        hem,
        pleats: pleats.count,
        zip: hungZip(input, length.mm),
        ...hungZipAt(input),
      },
    ],
    checks: () => [],
    findings: hungHipFindings(input, length.mm, () => hem, { choice: 'skirtPleats', option: '6' }),
    marks: [],
  };
}

export const skirtPleatedRecipe: PartRecipe = { draw, chosen: fill };
