import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import type { Piece } from '../../pieces/piece.ts';
import { named, plus, sum, times, type Working } from '../../workings/working.ts';
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
import { skirtGatheredChoices, type SkirtGatheredChosen } from './choices.ts';

/** A straight panel: as wide as its share of the waist times the gathers, from its centre out; of a side panel from its back to its front. */
function panelOf(panel: HungPanel, ratio: number, length: Working, { allowances }: PartInput): Piece {
  const { centre } = panel;
  const width = times(named('its share of the waist', panel.waist), ratio);
  const outline = straightOutline(width.mm, length.mm);
  const lower = hungHem(allowances.hem);
  const dimensions: Dimension[] = [
    {
      name: 'waist-edge',
      label: panel.cut.layers === 'fold' ? 'Gathered edge, on the half' : 'Gathered edge',
      kind: 'length',
      at: { kind: 'run', of: 'waist' },
      working: width,
    },
    {
      name: 'length',
      label: centre ? 'Length at the centre' : 'Length at the seam',
      kind: 'length',
      at: { kind: 'edge', edge: centre?.id ?? 'side-front' },
      working: length,
    },
  ];
  return hungPiece(panel, { outline, gathered: ratio, lower, dimensions }, allowances);
}

const fill = (values: PartInput['values'], { body }: Wearer): SkirtGatheredChosen =>
  withDefaults(skirtGatheredChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const { join } = input;
  const chosen = fill(input.values, input);
  const ratio = Number(chosen.skirtRatio);
  const parts = chosen.skirtParts === '4' ? 4 : 2;
  const length = choiceTerm(skirtGatheredChoices, 'skirtLength', chosen.skirtLength);
  const waist = times(sum(plus(join.front.length), plus(join.back.length)), 2).mm;
  const panels = hungPanels(input, length.mm, parts);
  return {
    pieces: panels.map((panel) => panelOf(panel, ratio, length, input)),
    seams: hungSeams(input, parts, { kind: 'gather', ratio }),
    girths: [],
    details: [
      {
        kind: 'skirt',
        pieces: panels.map(({ id }) => id),
        length: length.mm,
        waist,
        hem: ratio * waist,
        gather: ratio,
        zip: hungZip(input, length.mm),
        ...hungZipAt(input),
      },
    ],
    checks: () => [],
    findings: hungHipFindings(input, length.mm, () => ratio * waist, { choice: 'skirtRatio', option: '2.5' }),
    marks: [],
  };
}

export const skirtGatheredRecipe: PartRecipe = { draw, chosen: fill };
