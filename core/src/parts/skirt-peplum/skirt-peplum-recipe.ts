import { usualSize } from '../../drafting/bodice/frame.ts';
import type { Detail } from '../../drafting/detail.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import { dartOut, type JoinSide } from '../../garment/join.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { circleArc } from '../../geometry/arc.ts';
import { endOf, reverseCurve, startOf } from '../../geometry/curve.ts';
import { line } from '../../geometry/segment.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { faces, type Face, type Notch, type Piece } from '../../pieces/piece.ts';
import type { Seam, SeamRelation } from '../../pieces/seam.ts';
import {
  chosen as chosenTerm,
  divided,
  named,
  plus,
  sum,
  times,
  type Working,
} from '../../workings/working.ts';
import {
  hungHem,
  hungPanels,
  hungPiece,
  hungSeams,
  type HungOutline,
  type HungPanel,
} from '../hung-skirt/hung-skirt.ts';
import { skirtPeplumChoices, type SkirtPeplumChosen } from './choices.ts';

/** One peplum: its ring, and what it loses beside its opening. */
interface PeplumPlan {
  readonly layer: 'under' | 'over';
  readonly radius: Working;
  readonly length: Working;
  readonly wedge: number;
  /** In each quarter. */
  readonly pleats: { readonly count: number; readonly depth: number };
}

const idsOf = { under: 'skirt', over: 'peplum' } as const;

/** Cloth that the pleats of a quarter take up. */
const pleatsTake = ({ pleats: { count, depth } }: Pick<PeplumPlan, 'pleats'>): Working =>
  chosenTerm('pleats, twice deep', 2 * count * depth, 'peplumPleat');

/** A pleat stands at least so far from the centre and from the side, as a part of the quarter. */
const CLEAR = 0.15;

/** The places of a quarter's pleats along the waist that it is sewn to: under the first dart or seam above, then half-way on to the side. */
function pleatPlaces(side: JoinSide, count: number): number[] {
  const whole = side.length.mm;
  const first = Math.min(Math.max(dartOut(side) ?? 0.5 * whole, CLEAR * whole), (1 - CLEAR) * whole);
  return [first, (first + whole) / 2].slice(0, count);
}

/** Both folds of each pleat, on the waist edge of the peplum, which runs from the centre to the side. */
const pleatNotches = (side: JoinSide, { pleats: { count, depth } }: PeplumPlan): Notch[] =>
  pleatPlaces(side, count).flatMap((at, index) =>
    [0, 2 * depth].map((on): Notch => ({ edge: 'waist', at: at + 2 * depth * index + on, kind: 'single' })),
  );

/** A quarter of the ring; behind, where it is open, its lower edge begins a wedge beside the centre. */
function outlineOf(angle: number, { radius, length, wedge }: PeplumPlan, isOpen: boolean): HungOutline {
  const outer = radius.mm + length.mm;
  const from = isOpen ? Math.min(wedge / outer, angle / 2) : 0;
  const [upper, lower] = [circleArc(radius.mm, 0, angle), reverseCurve(circleArc(outer, from, angle))];
  return {
    upper,
    side: [line(endOf(upper), startOf(lower))],
    lower,
    first: [line(endOf(lower), startOf(upper))],
  };
}

function panelOf(panel: HungPanel, face: Face, plan: PeplumPlan, input: PartInput): Piece {
  const { allowances, join } = input;
  const isOpen = panel.centre?.role === 'centre';
  const edge = sum(plus(named('its share of the waist', panel.waist)), plus(pleatsTake(plan)));
  const outline = outlineOf(edge.mm / plan.radius.mm, plan, isOpen);
  const inner = named('waist circle', plan.radius);
  const dimensions: Dimension[] = [
    { name: 'waist-circle', label: 'Waist circle, from the corner', kind: 'down', at: { kind: 'corner', of: 'waist', end: 'start' }, working: plan.radius, adds: 'waist', follows: true },
    { name: 'hem-circle', label: 'Hem circle, from the corner', kind: 'length', at: { kind: 'edge', edge: 'side' }, working: plan.length, follows: true },
    { name: 'waist-edge', label: 'Waist, pleats let out', kind: 'length', at: { kind: 'run', of: 'waist' }, working: edge },
    ...(isOpen ? [] : [{ name: 'length', label: 'Hem, down at the fold', kind: 'down', at: { kind: 'corner', of: 'hem', end: 'end' }, working: sum(plus(inner), plus(plan.length)), adds: 'circleHem', follows: true } as const]),
  ];
  const shown = dimensions.map((each) => (each.name === 'hem-circle' ? { ...each, label: 'Length at the side', name: 'side-length' } : each));
  const open = isOpen && panel.centre ? { ...panel, centre: { ...panel.centre, allowance: allowances.front } } : panel;
  const piece = hungPiece(
    { ...open, notches: pleatNotches(join[face], plan) },
    { outline, gathered: 1, lower: hungHem(allowances.circleHem), dimensions: shown },
    allowances,
  );
  const id = `${idsOf[plan.layer]}-${face}`;
  return { ...piece, id, name: `${plan.layer === 'over' ? 'Upper peplum' : 'Peplum'} ${face}` };
} // prettier-ignore

/** The seams of one layer: those of any hung skirt, by its own ids. */
function seamsOf(plan: PeplumPlan, input: PartInput): Seam[] {
  const { count, depth } = plan.pleats;
  const toWaist: SeamRelation =
    count === 0 ? { kind: 'equal' } : { kind: 'pleats', count, depth, towards: 'end' };
  const own = (edge: string) =>
    plan.layer === 'under' ? edge : edge.replace(/^skirt-(front|back)\//, `${idsOf.over}-$1/`);
  return hungSeams(input, 2, toWaist).map((seam) => ({
    ...seam,
    id: plan.layer === 'under' ? seam.id : `upper ${seam.id}`,
    a: seam.a.map((run) => ({ ...run, edge: own(run.edge) })),
    b: seam.b.map((run) => ({ ...run, edge: own(run.edge) })),
  }));
}

const fill = (values: PartInput['values'], { body }: Wearer): SkirtPeplumChosen =>
  withDefaults(skirtPeplumChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const { join } = input;
  const chosen = fill(input.values, input);
  const term = (id: 'peplumLength' | 'peplumUpper') => choiceTerm(skirtPeplumChoices, id, chosen[id]);
  const circle = Number(chosen.peplumCircle);
  const pleats = { count: Number(chosen.peplumPleats), depth: chosen.peplumPleat };
  const waist = times(sum(plus(join.front.length), plus(join.back.length)), 2);
  const round = sum(plus(named('waist seam, all around', waist)), plus(times(pleatsTake({ pleats }), 4)));
  const radius = divided(round, 2 * Math.PI * circle);
  const layers = (chosen.peplums === '2' ? (['under', 'over'] as const) : (['under'] as const)).map(
    (layer): PeplumPlan => ({
      layer,
      radius,
      length: term(layer === 'under' ? 'peplumLength' : 'peplumUpper'),
      wedge: chosen.peplumWedge,
      pleats,
    }),
  );
  const panels = hungPanels(input, chosen.peplumLength, 2);
  const drawn = layers.map((plan) => ({
    plan,
    pieces: panels.flatMap((panel) =>
      faces.filter((face) => face === panel.face).map((face) => panelOf(panel, face, plan, input)),
    ),
  }));
  return {
    pieces: drawn.flatMap(({ pieces }) => pieces),
    seams: layers.flatMap((plan) => seamsOf(plan, input)),
    girths: [],
    details: drawn.map(({ plan, pieces }): Detail => ({
      kind: 'skirt',
      pieces: pieces.map(({ id }) => id),
      length: plan.length.mm,
      waist: waist.mm,
      hem: 2 * Math.PI * circle * (radius.mm + plan.length.mm),
      zip: 0,
      ...(panels.some(({ centre }) => centre?.role === 'centre') && { open: true }),
    })),
    checks: () => [],
    findings: [],
    marks: [],
  };
}

export const skirtPeplumRecipe: PartRecipe = { draw, chosen: fill };
