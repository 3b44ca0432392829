import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, Wearer, PartRecipe } from '../../garment/part.ts';
import { annularSector } from '../../drafting/operations/pieces/annular-sector.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { timesInGarment } from '../../pieces/girth.ts';
import { roleLength, type Piece } from '../../pieces/piece.ts';
import { divided, named, plus, sum, times, type Working } from '../../workings/working.ts';
import {
  hungHem,
  hungHipFindings,
  hungPanels,
  hungPiece,
  hungSeams,
  hungZip,
  hungZipAt,
  type HungPanel,
  type HungParts,
} from '../hung-skirt/hung-skirt.ts';
import { skirtCircleChoices, type SkirtCircleChosen } from './choices.ts';

/** The circle that every panel of the skirt is cut by, mm. */
interface CirclePlan {
  /** Of the circle, as much as the skirt is. */
  readonly circle: number;
  readonly radius: Working;
  readonly length: Working;
  /** By how much the hem is raised where the cloth runs on the bias. */
  readonly biasDrop: number;
  /** The angle that panels have from their grain to their seam, on the whole of them: the hem is raised alike on both sides of a seam. */
  readonly meanAngle: number;
}

/** A panel between two angles from its grain, radians: from its centre where that lies on the grain. */
interface PanelPlan extends HungPanel {
  readonly from: number;
  readonly to: number;
}

/** Radius of the hem: less where the cloth runs on the bias, most at half a right angle from the grain. */
const hemAt =
  ({ radius, length, biasDrop, meanAngle }: CirclePlan, own: number) =>
  (angle: number) => {
    const scaled = own === 0 ? 0 : meanAngle / own;
    const turn = 2 * angle * scaled;
    return {
      mm: radius.mm + length.mm - biasDrop * Math.sin(turn) ** 2,
      slope: -biasDrop * 2 * scaled * Math.sin(2 * turn),
    };
  };

function panelOf(circle: CirclePlan, plan: PanelPlan, { allowances }: PartInput): Piece {
  const { from, to } = plan;
  const { radius, length, biasDrop } = circle;
  const outer = biasDrop === 0 ? radius.mm + length.mm : hemAt(circle, to);
  const sector = annularSector({ inner: radius.mm, outer, from, to });
  const outline = { upper: sector.inner, side: sector.finish, lower: sector.outer, first: sector.start };
  const dimensions = panelDimensions(circle, plan);
  return hungPiece(
    plan,
    { outline, gathered: 1, lower: hungHem(allowances.circleHem), dimensions },
    allowances,
  );
}

function panelDimensions(
  { radius, length, biasDrop }: CirclePlan,
  { waist, centre }: PanelPlan,
): Dimension[] {
  const inner = named('waist circle', radius);
  const onGrain: Dimension[] = centre
    ? [
        {
          name: 'waist-circle',
          label: 'Waist circle, from the corner',
          kind: 'down',
          at: { kind: 'corner', of: 'waist', end: 'start' },
          working: radius,
          adds: 'waist',
          follows: true,
        },
        {
          name: 'hem-circle',
          label: 'Hem circle, from the corner',
          kind: 'down',
          at: { kind: 'corner', of: 'hem', end: 'end' },
          working: sum(plus(inner), plus(length)),
          adds: 'circleHem',
          follows: true,
        },
      ]
    : [];
  return [
    ...onGrain,
    { name: 'waist-edge', label: 'Waist', kind: 'length', at: { kind: 'run', of: 'waist' }, working: waist },
    ...(biasDrop === 0 || centre
      ? [
          {
            name: 'length',
            label: centre ? 'Length at the centre' : 'Length at the seam',
            kind: 'length',
            at: { kind: 'edge', edge: centre?.id ?? 'side-front' },
            working: length,
          } as const,
        ]
      : []),
  ];
}

/** Panels of the circle: what begins at its centre lies on one side of its grain, a side panel on both. */
const panelsOf = (input: PartInput, { radius, length }: CirclePlan, parts: HungParts): PanelPlan[] =>
  hungPanels(input, length.mm, parts).map((panel) => {
    const angle = panel.waist.mm / radius.mm;
    return panel.centre ? { ...panel, from: 0, to: angle } : { ...panel, from: -angle / 2, to: angle / 2 };
  });

const fill = (values: PartInput['values'], { body }: Wearer): SkirtCircleChosen =>
  withDefaults(skirtCircleChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const { join } = input;
  const chosen = fill(input.values, input);
  const share = Number(chosen.circle);
  const parts = chosen.skirtParts === '4' ? 4 : 2;
  const round = times(sum(plus(join.front.length), plus(join.back.length)), 2);
  const radius = divided(named('waist seam, all around', round), 2 * Math.PI * share);
  const half = round.mm / 2 / radius.mm;
  const circle: CirclePlan = {
    circle: share,
    radius,
    length: choiceTerm(skirtCircleChoices, 'skirtLength', chosen.skirtLength),
    biasDrop: chosen.biasDrop,
    meanAngle: half / parts,
  };
  const panels = panelsOf(input, circle, parts);
  const pieces = panels.map((panel) => panelOf(circle, panel, input));
  const trim = pieces.reduce((total, piece) => total + timesInGarment(piece) * roleLength(piece, 'hem'), 0);
  return {
    pieces,
    seams: hungSeams(input, parts, { kind: 'equal' }),
    girths: [],
    details: [
      {
        kind: 'skirt',
        pieces: panels.map(({ id }) => id),
        length: circle.length.mm,
        waist: round.mm,
        hem: 2 * Math.PI * share * (radius.mm + circle.length.mm),
        zip: hungZip(input, circle.length.mm),
        ...hungZipAt(input),
        ...(chosen.hemTrim === 'hem' && { trim }),
      },
    ],
    checks: () => [],
    findings: hungHipFindings(input, circle.length.mm, (down) => 2 * Math.PI * share * (radius.mm + down), {
      choice: 'circle',
      option: '0.5',
    }),
    marks: [],
  };
}

export const skirtCircleRecipe: PartRecipe = { draw, chosen: fill };
