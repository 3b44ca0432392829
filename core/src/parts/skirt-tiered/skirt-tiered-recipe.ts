import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import { makePiece, type Edge, type Notch, type Piece } from '../../pieces/piece.ts';
import { whole, type Seam } from '../../pieces/seam.ts';
import { divided, named, plus, sum, times, type Working } from '../../workings/working.ts';
import { hungHipFindings, hungPanels, hungSeams, hungZip, type HungPanel } from '../hung-skirt/hung-skirt.ts';
import { skirtTieredChoices, type SkirtTieredChosen } from './choices.ts';

/** Every tier is cut in front, back and side panels: the lowest is wider than cloth in two. */
const PANELS = 4;

/** The skirt as it is planned: so many tiers, each so deep and so many times as wide as the one above. */
interface TierPlan {
  readonly tiers: number;
  readonly ratio: number;
  readonly depth: Working;
  /** Length of the zip below the waist, mm; 0 where it does not open. */
  readonly zip: number;
}

/** The piece of a panel in a tier, counted from 1: the first has the panel’s own id. */
const pieceId = ({ id }: HungPanel, tier: number): string => (tier === 1 ? id : `${id}-${tier}`);

/** The end of the zip, where it lies in this tier: its centre runs up from below. */
function zipNotch({ depth, zip }: TierPlan, tier: number): Notch[] {
  const from = (tier - 1) * depth.mm;
  const isHere = zip > from && zip < from + depth.mm;
  return isHere ? [{ edge: 'centre-back', at: from + depth.mm - zip, kind: 'single' }] : [];
}

/** A straight panel of a tier: as wide as its share of the waist times the gathers of all tiers down to it. */
function tierPiece(panel: HungPanel, tier: number, plan: TierPlan, { allowances }: PartInput): Piece {
  const { centre, sideAt } = panel;
  const { ratio, depth, tiers } = plan;
  const width = times(named('its share of the waist', panel.waist), ratio ** tier);
  const [a, b, c, d] = [point(0, 0), point(width.mm, 0), point(width.mm, depth.mm), point(0, depth.mm)];
  const down = (id: string, path: Edge['path']): Edge => ({ id, role: 'side', path, allowance: allowances.side });
  const isFirst = tier === 1;
  const isLast = tier === tiers;
  return makePiece({
    id: pieceId(panel, tier),
    name: isFirst ? panel.name : `${panel.name}, tier ${tier}`,
    role: 'outer',
    part: 'skirt',
    ...(panel.face && { face: panel.face }),
    ...(panel.panel && { panel: panel.panel }),
    cut: panel.cut,
    grain: point(0, 1),
    edges: [
      isFirst
        ? { id: 'waist', role: 'waist', path: [line(a, b)], allowance: allowances.waist }
        : { id: 'upper', role: 'tier', path: [line(a, b)], allowance: allowances.waist },
      down(centre ? 'side' : 'side-front', [line(b, c)]),
      isLast
        ? { id: 'hem', role: 'hem', path: [line(c, d)], allowance: allowances.hem }
        : { id: 'lower', role: 'tier', path: [line(c, d)], allowance: allowances.waist },
      centre ? { ...centre, path: [line(d, a)] } : down('side-back', [line(d, a)]),
    ],
    notches: [
      ...(centre?.role === 'centre' ? zipNotch(plan, tier) : []),
      ...(isFirst && sideAt !== undefined ? [{ edge: 'waist', at: ratio * sideAt, kind: 'single', marks: 'side seam' } as const] : []),
    ],
    darts: [],
    levels: [],
    intakes: [],
    dimensions: [
      { name: 'upper-edge', label: panel.cut.layers === 'fold' ? 'Gathered edge, on the half' : 'Gathered edge', kind: 'length', at: { kind: 'edge', edge: isFirst ? 'waist' : 'upper' }, working: width },
      { name: 'depth', label: centre ? 'Depth at the centre' : 'Depth at the seam', kind: 'length', at: { kind: 'edge', edge: centre?.id ?? 'side-front' }, working: depth },
    ],
  });
} // prettier-ignore

/** Seams of a tier below the first: to the one above, and of its panels to each other. */
function tierSeams(panels: readonly HungPanel[], tier: number, ratio: number): Seam[] {
  const named = (edge: string, of: number) => whole(panels.map((panel) => `${pieceId(panel, of)}/${edge}`));
  const [front, back, side] = panels.map((panel) => pieceId(panel, tier));
  const down = (id: string, a: string, b: string): Seam => ({
    id: `${id}, tier ${tier}`,
    a: whole([a]),
    b: whole([b]),
    relation: { kind: 'equal' },
    governing: 'waistToHip',
  });
  return [
    {
      id: `tier ${tier} to tier ${tier - 1}`,
      a: named('upper', tier),
      b: named('lower', tier - 1),
      relation: { kind: 'gather', ratio },
      governing: 'waist',
    },
    down('skirt seam, front', `${front}/side`, `${side}/side-front`),
    down('skirt seam, back', `${back}/side`, `${side}/side-back`),
  ];
}

const fill = (values: PartInput['values'], { body }: Wearer): SkirtTieredChosen =>
  withDefaults(skirtTieredChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const { join } = input;
  const chosen = fill(input.values, input);
  const [tiers, ratio] = [Number(chosen.tiers), Number(chosen.tierRatio)];
  const length = choiceTerm(skirtTieredChoices, 'skirtLength', chosen.skirtLength);
  const plan: TierPlan = {
    tiers,
    ratio,
    depth: divided(length, tiers),
    zip: hungZip(input, length.mm),
  };
  const panels = hungPanels(input, length.mm, PANELS);
  const below = Array.from({ length: tiers }, (_, index) => index + 1);
  const waist = times(sum(plus(join.front.length), plus(join.back.length)), 2).mm;
  const tierAt = (down: number): number => Math.min(tiers, Math.floor(down / plan.depth.mm) + 1);
  return {
    pieces: below.flatMap((tier) => panels.map((panel) => tierPiece(panel, tier, plan, input))),
    seams: [
      ...hungSeams(input, PANELS, { kind: 'gather', ratio }),
      ...below.slice(1).flatMap((tier) => tierSeams(panels, tier, ratio)),
    ],
    girths: [],
    details: [
      {
        kind: 'skirt',
        pieces: below.flatMap((tier) => panels.map((panel) => pieceId(panel, tier))),
        length: length.mm,
        waist,
        hem: ratio ** tiers * waist,
        gather: ratio,
        seamsAt: below.slice(0, -1).map((tier) => tier * plan.depth.mm),
        zip: plan.zip,
      },
    ],
    checks: () => [],
    findings: hungHipFindings(input, length.mm, (down) => ratio ** tierAt(down) * waist, {
      choice: 'tierRatio',
      option: '1.75',
    }),
    marks: [],
  };
}

export const skirtTieredRecipe: PartRecipe = { draw, chosen: fill };
