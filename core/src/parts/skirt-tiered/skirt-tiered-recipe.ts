import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { point } from '../../geometry/point.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { timesInGarment } from '../../pieces/girth.ts';
import { makePiece, type Edge, type Piece } from '../../pieces/piece.ts';
import { whole, type Seam } from '../../pieces/seam.ts';
import { divided, named, plus, sum, times, type Working } from '../../workings/working.ts';
import {
  hungHem,
  hungHipFindings,
  hungPanels,
  hungPiece,
  hungSeams,
  hungZip,
  hungZipAt,
  straightOutline,
  type HungDrawing,
  type HungPanel,
  type HungParts,
} from '../hung-skirt/hung-skirt.ts';
import { hungLining } from '../hung-skirt/hung-lining.ts';
import { skirtTieredChoices, type SkirtTieredChosen } from './choices.ts';

/** The first tier is cut in front, back and side panels; below a zip in the side its seams lie there. */
const panelsFor = (input: PartInput): HungParts => (input.opens === 'side' ? 2 : 4);

/** The skirt as it is planned: so many tiers, each so deep and so many times as wide as the one above. */
interface TierPlan {
  readonly tiers: number;
  readonly ratio: number;
  readonly depth: Working;
  /** The waist, all around. */
  readonly waist: Working;
  /** Length of the zip below the waist, mm; 0 where it does not open. */
  readonly zip: number;
}

/** The lower edge of a tier: the seam to the next one, or the hem of the last. */
const lowerEdge = ({ tiers }: TierPlan, tier: number, { allowances }: PartInput): HungDrawing['lower'] =>
  tier === tiers ? hungHem(allowances.hem) : { id: 'lower', role: 'tier', allowance: allowances.waist };

/** The end of the zip below the upper edge of a tier, where it lies in that; mm. */
function zipEnd({ depth, zip }: TierPlan, tier: number): number | undefined {
  const below = zip - (tier - 1) * depth.mm;
  return below > 0 && below < depth.mm ? below : undefined;
}

/** A panel of the first tier: as wide as its share of the waist times the gathers. */
function firstTier(panel: HungPanel, plan: TierPlan, input: PartInput): Piece {
  const { centre } = panel;
  const { ratio, depth } = plan;
  const width = times(named('its share of the waist', panel.waist), ratio);
  const dimensions: Dimension[] = [
    { name: 'upper-edge', label: panel.cut.layers === 'fold' ? 'Gathered edge, on the half' : 'Gathered edge', kind: 'length', at: { kind: 'edge', edge: 'waist' }, working: width },
    { name: 'depth', label: centre ? 'Depth at the centre' : 'Depth at the seam', kind: 'length', at: { kind: 'edge', edge: centre?.id ?? 'side-front' }, working: depth },
  ];
  const outline = straightOutline(width.mm, depth.mm);
  return hungPiece(panel, { outline, gathered: ratio, lower: lowerEdge(plan, 1, input), dimensions }, input.allowances);
} // prettier-ignore

/** Strips that a tier is pieced from: an even number, none wider than the house cuts one. */
const stripsIn = (round: number, widest: number): number => 2 * Math.ceil(round / (2 * widest));

/** A lower tier: equal strips, joined all around; one of their joins is the centre back. */
function lowerTier(tier: number, plan: TierPlan, input: PartInput): Piece {
  const { allowances, rules } = input;
  const { ratio, depth, waist } = plan;
  const round = times(named('waist, all around', waist), ratio ** tier);
  const strips = stripsIn(round.mm, rules['tier.widest']);
  const width = divided(named('tier, all around', round), strips);
  const { upper, side, lower, first } = straightOutline(width.mm, depth.mm);
  const join = (id: string, path: Edge['path']): Edge => ({ id, role: 'side', path, allowance: allowances.side });
  const end = zipEnd(plan, tier);
  return makePiece({
    id: `skirt-tier-${tier}`,
    name: `Skirt, tier ${tier}`,
    role: 'outer',
    part: 'skirt',
    cut: { copies: strips, layers: 'pair' },
    grain: point(0, 1),
    edges: [
      { id: 'upper', role: 'tier', path: upper, allowance: allowances.waist },
      join('join-right', side),
      { ...lowerEdge(plan, tier, input), path: lower },
      join('join-left', first),
    ],
    notches: end === undefined ? [] : [{ edge: 'join-left', at: depth.mm - end, kind: 'single' }],
    darts: [],
    levels: [],
    intakes: [],
    dimensions: [
      { name: 'upper-edge', label: 'Gathered edge of one strip', kind: 'length', at: { kind: 'edge', edge: 'upper' }, working: width },
      { name: 'depth', label: 'Depth', kind: 'length', at: { kind: 'edge', edge: 'join-right' }, working: depth },
    ],
  });
} // prettier-ignore

/** A lower tier gathered to the one above, and its strips joined to each other. */
function tierSeams(piece: Piece, above: readonly Piece[], tier: number, ratio: number): Seam[] {
  const all = (edge: string, pieces: readonly Piece[]) =>
    pieces.map((each) => ({ edge: `${each.id}/${edge}`, times: timesInGarment(each) }));
  return [
    {
      id: `tier ${tier} to tier ${tier - 1}`,
      a: all('upper', [piece]),
      b: all('lower', above),
      relation: { kind: 'gather', ratio },
      governing: 'waist',
    },
    {
      id: `joins of tier ${tier}`,
      a: whole([`${piece.id}/join-right`]),
      b: whole([`${piece.id}/join-left`]),
      relation: { kind: 'equal' },
      governing: 'waistToHip',
    },
  ];
}

const fill = (values: PartInput['values'], { body }: Wearer): SkirtTieredChosen =>
  withDefaults(skirtTieredChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const { join } = input;
  const chosen = fill(input.values, input);
  const [tiers, ratio] = [Number(chosen.tiers), Number(chosen.tierRatio)];
  const length = choiceTerm(skirtTieredChoices, 'skirtLength', chosen.skirtLength);
  const waist = times(sum(plus(join.front.length), plus(join.back.length)), 2);
  const plan: TierPlan = {
    tiers,
    ratio,
    depth: divided(length, tiers),
    waist,
    zip: hungZip(input, length.mm),
  };
  const panels = panelsFor(input);
  const lining =
    chosen.tierLining === 'none'
      ? { pieces: [], seams: [] }
      : hungLining(input, { circle: chosen.tierLining, length: length.mm });
  const first = hungPanels(input, plan.depth.mm, panels).map((panel) => firstTier(panel, plan, input));
  const lower = Array.from({ length: tiers - 1 }, (_, index) => lowerTier(index + 2, plan, input));
  const pieces = [...first, ...lower];
  const tierAt = (down: number): number => Math.min(tiers, Math.floor(down / plan.depth.mm) + 1);
  return {
    pieces: [...pieces, ...lining.pieces],
    seams: [
      ...lining.seams,
      ...hungSeams(input, panels, { kind: 'gather', ratio }),
      ...lower.flatMap((piece, index) => {
        const above = lower[index - 1];
        return tierSeams(piece, above ? [above] : first, index + 2, ratio);
      }),
    ],
    girths: [],
    details: [
      {
        kind: 'skirt',
        pieces: pieces.map(({ id }) => id),
        length: length.mm,
        waist: waist.mm,
        hem: ratio ** tiers * waist.mm,
        gather: ratio,
        seamsAt: lower.map((_, index) => (index + 1) * plan.depth.mm),
        zip: plan.zip,
        ...hungZipAt(input),
      },
    ],
    checks: () => [],
    findings: hungHipFindings(input, length.mm, (down) => ratio ** tierAt(down) * waist.mm, {
      choice: 'tierRatio',
      option: '1.75',
    }),
    marks: [],
  };
}

export const skirtTieredRecipe: PartRecipe = { draw, chosen: fill };
