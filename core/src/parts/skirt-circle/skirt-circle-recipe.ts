import { usualSize } from '../../drafting/bodice/frame.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import { joinEdges, type JoinSide } from '../../garment/join.ts';
import type { DrawnPart, PartInput, Wearer, PartRecipe } from '../../garment/part.ts';
import { annularSector } from '../../drafting/operations/pieces/annular-sector.ts';
import type { Curve } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { makePiece, type Cut, type Edge, type Notch, type Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { divided, named, plus, sum, times, type Working } from '../../workings/working.ts';
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
interface PanelPlan {
  readonly id: string;
  readonly name: string;
  readonly face?: 'front' | 'back';
  readonly panel?: 'side';
  readonly cut: Cut;
  readonly from: number;
  readonly to: number;
  /** The edge along the grain, where the panel begins at its centre. */
  readonly centre?: Pick<Edge, 'id' | 'role' | 'allowance'>;
  readonly waist: Working;
  readonly notches: readonly Notch[];
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
  const { from, to, centre } = plan;
  const { radius, length, biasDrop } = circle;
  const outer = biasDrop === 0 ? radius.mm + length.mm : hemAt(circle, to);
  const sector = annularSector({ inner: radius.mm, outer, from, to });
  const seam = (id: string, path: Curve): Edge => ({ id, role: 'side', path, allowance: allowances.side });
  const first: Edge = centre ? { ...centre, path: sector.start } : seam('side-back', sector.start);
  const piece = makePiece({
    id: plan.id,
    name: plan.name,
    role: 'outer',
    part: 'skirt',
    ...(plan.face && { face: plan.face }),
    ...(plan.panel && { panel: plan.panel }),
    cut: plan.cut,
    grain: point(0, 1),
    edges: [
      { id: 'waist', role: 'waist', path: sector.inner, allowance: allowances.waist },
      seam(centre ? 'side' : 'side-front', sector.finish),
      { id: 'hem', role: 'hem', path: sector.outer, allowance: allowances.circleHem },
      first,
    ],
    notches: plan.notches,
    darts: [],
    levels: [],
    intakes: [],
    dimensions: [],
  });
  return { ...piece, dimensions: panelDimensions(circle, plan) };
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

/** Parts of both halves of the waist that go to a panel, with the words of its sum. */
const part = (side: JoinSide, of: number): Working => (of === 1 ? side.length : times(side.length, of));

/** Depth of the hip below the waist, by the house's rule where it was not measured; mm. */
const hipDepth = ({ body, rules }: Pick<PartInput, 'body' | 'rules'>): number =>
  body.taken('waistToHip') ?? rules['skirt.hipDepth'];

/** The end of the zip as a notch of the centre back: down from the waist by the hip's depth less what the house stops above it. */
function zipEndNotch(input: PartInput, length: number): Notch[] {
  const down = hipDepth(input) - input.rules['zip.aboveHip'];
  // The centre runs up from the hem.
  return down > 0 && down < length ? [{ edge: 'centre-back', at: length - down, kind: 'single' }] : [];
}

const isOnFold = ({ carriers }: PartInput): boolean =>
  carriers
    .filter(({ face }) => face === 'back')
    .some(({ edges }) => edges.some(({ role }) => role === 'fold'));

function panelsOf(input: PartInput, circle: CirclePlan, parts: 2 | 4): readonly PanelPlan[] {
  const { join, allowances } = input;
  const { front, back } = join;
  const share = parts === 2 ? 1 : 0.5;
  const angle = (mm: number): number => mm / circle.radius.mm;
  const closed = isOnFold(input);
  const fold = (face: 'front' | 'back') => ({ id: `centre-${face}`, role: 'fold', allowance: 0 }) as const;
  const end: PanelPlan[] = [
    {
      id: 'skirt-front',
      name: 'Skirt front',
      face: 'front',
      cut: { copies: 1, layers: 'fold' },
      from: 0,
      to: angle(share * front.length.mm),
      centre: fold('front'),
      waist: part(front, share),
      notches: [],
    },
    {
      id: 'skirt-back',
      name: 'Skirt back',
      face: 'back',
      cut: closed ? { copies: 1, layers: 'fold' } : { copies: 2, layers: 'pair' },
      from: 0,
      to: angle(share * back.length.mm),
      centre: closed ? fold('back') : { id: 'centre-back', role: 'centre', allowance: allowances.zip },
      waist: part(back, share),
      notches: closed ? [] : zipEndNotch(input, circle.length.mm),
    },
  ];
  if (parts === 2) return end;
  const half = angle(0.5 * (front.length.mm + back.length.mm)) / 2;
  const side: PanelPlan = {
    id: 'skirt-side',
    name: 'Skirt side',
    panel: 'side',
    cut: { copies: 2, layers: 'pair' },
    from: -half,
    to: half,
    waist: sum(plus(part(front, 0.5)), plus(part(back, 0.5))),
    // The waist runs from the back of the panel to its front.
    notches: [{ edge: 'waist', at: 0.5 * back.length.mm, kind: 'single', marks: 'side seam' }],
  };
  return [...end, side];
}

function seamsOf({ join }: PartInput, parts: 2 | 4): Seam[] {
  const [front, back] = [joinEdges(join.front), joinEdges(join.back)];
  if (parts === 2)
    return [
      equalSeam('skirt to waist, front', ['skirt-front/waist'], front, 'waist'),
      equalSeam('skirt to waist, back', ['skirt-back/waist'], back, 'waist'),
      equalSeam('skirt side', ['skirt-front/side'], ['skirt-back/side'], 'waistToHip'),
    ];
  return [
    equalSeam(
      'skirt to waist',
      ['skirt-front/waist', 'skirt-side/waist', 'skirt-back/waist'],
      [...front, ...[...back].reverse()],
      'waist',
    ),
    equalSeam('skirt seam, front', ['skirt-front/side'], ['skirt-side/side-front'], 'waistToHip'),
    equalSeam('skirt seam, back', ['skirt-back/side'], ['skirt-side/side-back'], 'waistToHip'),
  ];
}

/** A quarter circle may not pass the hip, where that was measured. */
function hipFindings(input: PartInput, { circle, radius, length }: CirclePlan): Finding[] {
  const [hip, down] = [input.body.taken('hip'), hipDepth(input)];
  if (hip === undefined || length.mm <= down) return [];
  const found = 2 * Math.PI * circle * (radius.mm + down);
  if (found >= hip) return [];
  return [
    finding(
      'skirt-tight-at-hip',
      { piece: 'skirt-front', choice: 'circle', measure: 'hip' },
      { found, expected: hip, remedy: { kind: 'set-option', choice: 'circle', option: '0.5' } },
    ),
  ];
}

const fill = (values: PartInput['values'], { body }: Wearer): SkirtCircleChosen =>
  withDefaults(skirtCircleChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const { join, rules } = input;
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
  return {
    pieces: panels.map((panel) => panelOf(circle, panel, input)),
    seams: seamsOf(input, parts),
    girths: [],
    details: [
      {
        kind: 'skirt',
        pieces: panels.map(({ id }) => id),
        length: circle.length.mm,
        waist: round.mm,
        hem: 2 * Math.PI * share * (radius.mm + circle.length.mm),
        zip: isOnFold(input) ? 0 : Math.min(circle.length.mm, hipDepth(input) - rules['zip.aboveHip']),
      },
    ],
    checks: () => [],
    findings: hipFindings(input, circle),
    marks: [],
  };
}

export const skirtCircleRecipe: PartRecipe = { draw, chosen: fill };
