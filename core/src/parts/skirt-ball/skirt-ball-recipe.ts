import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import { joinEdges } from '../../garment/join.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { point } from '../../geometry/point.ts';
import { makePiece, type Edge, type Piece } from '../../pieces/piece.ts';
import { whole, type Seam } from '../../pieces/seam.ts';
import { divided, named, plus, sum, times, type Working } from '../../workings/working.ts';
import { straightOutline } from '../hung-skirt/hung-skirt.ts';
import { skirtCircleRecipe } from '../skirt-circle/skirt-circle-recipe.ts';
import { skirtBallChoices, type SkirtBallChosen } from './choices.ts';

/** All layers of net: each as wide as the waist times its gathers, in equal strips. */
interface NetPlan {
  readonly layers: number;
  readonly ratio: number;
  readonly waist: Working;
  readonly strips: number;
  readonly length: Working;
}

/** Half a circle of the outer under the net, in panels that cloth is wide enough for. */
const UNDER = { circle: '0.5', skirtParts: '4', biasDrop: 0 };

/** One strip of net; all of them are cut alike. */
function stripOf({ layers, ratio, waist, strips, length }: NetPlan, { allowances }: PartInput): Piece {
  const round = times(named('waist, all around', waist), ratio);
  const width = divided(named('one layer, all around', round), strips);
  const { upper, side, lower, first } = straightOutline(width.mm, length.mm);
  const join = (id: string, path: Edge['path']): Edge => ({ id, role: 'side', path, allowance: allowances.overlay });
  return makePiece({
    id: 'skirt-net',
    name: 'Net for the skirt',
    role: 'net',
    part: 'skirt',
    cut: { copies: layers * strips, layers: (layers * strips) % 2 === 0 ? 'pair' : 'single' },
    grain: point(0, 1),
    edges: [
      { id: 'upper', role: 'tier', path: upper, allowance: allowances.overlay },
      join('join-right', side),
      // Net does not fray: its lower edge is cut and left.
      { id: 'hem', role: 'hem', path: lower, allowance: 0 },
      join('join-left', first),
    ],
    notches: [],
    darts: [],
    levels: [],
    intakes: [],
    dimensions: [
      { name: 'upper-edge', label: 'Gathered edge of one strip', kind: 'length', at: { kind: 'edge', edge: 'upper' }, working: width },
      { name: 'length', label: 'Length', kind: 'length', at: { kind: 'edge', edge: 'join-right' }, working: length },
    ],
  });
} // prettier-ignore

/** Net is seen as cloth that is gathered so much: more does not stand out further at the waist. By eye. */
const SEEN = 2;

const fill = (values: PartInput['values'], { body }: Wearer): SkirtBallChosen =>
  withDefaults(skirtBallChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const { join, rules } = input;
  const chosen = fill(input.values, input);
  const under = skirtCircleRecipe.draw({ ...input, values: { ...input.values, ...UNDER } });
  const waist = times(sum(plus(join.front.length), plus(join.back.length)), 2);
  const [layers, ratio] = [Number(chosen.netLayers), Number(chosen.netRatio)];
  const plan: NetPlan = {
    layers,
    ratio,
    waist,
    strips: Math.ceil((ratio * waist.mm) / rules['net.widest']),
    length: choiceTerm(skirtBallChoices, 'skirtLength', chosen.skirtLength),
  };
  const net = stripOf(plan, input);
  const seams: Seam[] = [
    {
      id: 'each layer of net to waist',
      a: [{ edge: `${net.id}/upper`, times: plan.strips }],
      b: [...joinEdges(join.front), ...joinEdges(join.back)].map((edge) => ({ edge, times: 2 })),
      relation: { kind: 'gather', ratio },
      governing: 'waist',
    },
    {
      id: 'joins of the net',
      a: whole([`${net.id}/join-right`]),
      b: whole([`${net.id}/join-left`]),
      relation: { kind: 'equal' },
      governing: 'waistToHip',
    },
  ];
  return {
    ...under,
    pieces: [...under.pieces, net],
    seams: [...under.seams, ...seams],
    details: [
      ...under.details,
      {
        kind: 'skirt',
        pieces: [net.id],
        length: plan.length.mm,
        waist: waist.mm,
        hem: Math.max(
          SEEN * waist.mm,
          ...under.details.map((each) => (each.kind === 'skirt' ? each.hem : 0)),
        ),
        gather: SEEN,
        zip: 0,
      },
    ],
  };
}

export const skirtBallRecipe: PartRecipe = { draw, chosen: fill };
