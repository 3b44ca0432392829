import { clamp } from '../../geometry/clamp.ts';
import {
  curveLength,
  endDirection,
  endOf,
  placeAtLength,
  reverseCurve,
  startDirection,
  startOf,
  type Curve,
} from '../../geometry/curve.ts';
import { add, point, quarterTurn, scale, unitVector, type Point } from '../../geometry/point.ts';
import { asCubic, cubic, handleCurve, line, segmentLength, type Segment } from '../../geometry/segment.ts';
import { solve } from '../../geometry/solve.ts';
import { makePiece, turnedLoop, type Edge, type Notch, type Piece } from '../../pieces/piece.ts';
import { inches } from '../../units/length.ts';
import {
  changed,
  chosen,
  divided,
  drawn,
  minus,
  named,
  plus,
  sum,
  times,
  type Working,
} from '../../workings/working.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { drawClosedSeam, type DartPlan, type OpenedSeam } from '../closed-seam.ts';
import { waistEdges } from '../waist-edges.ts';
import { skirtDimensions, type SkirtSums } from './skirt-dimensions.ts';

/** Plan of one skirt panel, mm on the half-piece; y = 0 is the waist at the centre front. */
export interface PanelPlan {
  readonly which: 'front' | 'back';
  readonly scale: number;
  /** Target length of the waist seam: the bodice's, so that the two join. */
  readonly waist: number;
  readonly hip: number;
  readonly hipDepth: number;
  readonly length: number;
  /** Pegging: the hem inside of the hip at the side. */
  readonly pegging: number;
  /** Dip of the waist at the centre. */
  readonly dip: number;
  /** Place of the bodice's dart on the waist, from the centre, so that the first skirt dart meets it. */
  readonly dartOut: number | undefined;
  /** Length of the slit above the hem; 0 without one. */
  readonly slit: number;
  /** Depth of the end of the zip below the waist line; undefined without a zip. */
  readonly zipEnd: number | undefined;
  readonly sums: SkirtSums;
}

export interface PanelDraft {
  readonly piece: Piece;
  readonly waist: OpenedSeam;
}

/** The first dart of a skirt below a bodice that has none, as a part of the waist. The team's drafting study. */
const DART_OUT = 0.55;

/** Place of the first dart on the finished waist: below the bodice's, or where one usually lies. */
export const firstDartOut = ({ dartOut, sums }: Pick<PanelPlan, 'dartOut' | 'sums'>): Working =>
  dartOut === undefined
    ? times(named('bodice waist', sums.waist), DART_OUT)
    : drawn('below the bodice dart', dartOut);

/** Shares of the drop from hip to waist. From the team's drafting study; lengths mm. */
const SHAPING = {
  noDart: inches(0.7),
  oneDart: inches(1.6),
  largeDrop: inches(3.2),
  sideMost: inches(1.35),
  sideMostLarge: inches(1.9),
  sidePart: { front: 0.5, back: 0.42 },
  dartLengths: { front: [inches(3.5), inches(3.25)], back: [inches(5.5), inches(5)] },
} as const;

/** The side rises above the waist line by this part of what it takes in, within bounds: the hem then hangs level. */
const SIDE_RISE = { part: 0.12, least: -3, most: inches(0.4) };
const sideRise = (sideIn: number): number => clamp(SIDE_RISE.part * sideIn, SIDE_RISE.least, SIDE_RISE.most);

/** The rise of the side above the waist line. */
function riseSum(sideIn: number): Working {
  const part = times(drawn('taken in at the side', sideIn), SIDE_RISE.part);
  return named('rise over the hip', changed(part, 'kept', sideRise(sideIn) - part.mm));
}

/** Depth of the hem at the side: raised in an A-line, where the side slants, so that it hangs level. */
export function sideHemDown({ hipDepth, length, pegging }: PanelPlan): number {
  const below = length - hipDepth;
  return pegging >= 0
    ? length
    : hipDepth + Math.sqrt(Math.max(0.25 * below * below, below * below - pegging * pegging));
}

/** From waist to hip to hem: bowed over the hip, vertical there, then in to a pegged hem. */
function sideOf(plan: PanelPlan, sideIn: number): Curve {
  const top = point(plan.hip - sideIn, -sideRise(sideIn));
  const hip = point(plan.hip, plan.hipDepth);
  const hem = point(plan.hip - plan.pegging, sideHemDown(plan));
  const down = point(0, 1);
  const below = plan.length - plan.hipDepth;
  const leaving = unitVector(point(clamp(1.15 * sideIn, -200, 200), 0.62 * plan.hipDepth));
  const overHip = handleCurve(top, leaving, 0.34 * plan.hipDepth, hip, down, 0.42 * plan.hipDepth);
  if (plan.pegging === 0) return [overHip, line(hip, hem)];
  return [
    overHip,
    handleCurve(hip, down, 0.3 * below, hem, unitVector(point(-1.05 * plan.pegging, below)), 0.33 * below),
  ];
}

/** A dart as planned, with the sums of its place. */
export interface SkirtDart extends DartPlan {
  readonly tipOut: Working;
  readonly tipDown: Working;
}

function dartsOf(plan: PanelPlan, drop: number): SkirtDart[] {
  const [first, second] = SHAPING.dartLengths[plan.which];
  const axis = point(0, -1);
  const dart = (tipOut: Working, length: number, weight: number): SkirtDart => {
    const tipDown = times(chosen('usual dart', length), plan.scale);
    return { tip: point(tipOut.mm, tipDown.mm), axis, weight, tipOut, tipDown };
  };
  const { sums } = plan;
  const meeting = firstDartOut(plan);
  if (drop < SHAPING.noDart) return [];
  if (drop < SHAPING.oneDart) return [dart(meeting, first, 1)];
  const rest = sum(
    plus(named('bodice waist', sums.waist)),
    plus(divided(named('hip less waist', sum(plus(sums.hip), minus(sums.waist))), 2)),
    minus(meeting),
  );
  const next = sum(plus(meeting), plus(times(rest, 0.45)));
  return [dart(meeting, first, 0.55), dart(next, second, 0.45)];
}

/** Long at the side, where a hip that is much rounder than the waist lifts the seam: it bends no tighter than a curve ruler. By eye. */
export const SIDE_HANDLE = 0.42;

function waistOf(plan: PanelPlan, side: Curve, darts: readonly DartPlan[]): OpenedSeam {
  return drawClosedSeam({
    from: startOf(side),
    leaving: quarterTurn(startDirection(side)),
    to: point(0, plan.dip),
    arriving: point(-1, 0),
    outerHandle: SIDE_HANDLE,
    darts,
    target: plan.waist,
  });
}

/** With no dart the side alone must bring the waist to its target. */
function sideWithoutDart(plan: PanelPlan, drop: number): number {
  const over = (sideIn: number) => waistOf(plan, sideOf(plan, sideIn), []).residual;
  return solve(over, drop - inches(1.5), drop + inches(1.5)).x;
}

/** The hem, square to the side and level at the centre, from the side inwards. */
function hemOf(side: Curve, length: number): Curve {
  const corner = endOf(side);
  return [
    handleCurve(
      corner,
      quarterTurn(endDirection(side)),
      0.18 * corner.x,
      point(0, length),
      point(-1, 0),
      0.5 * corner.x,
    ),
  ];
}

/** Differences below this, mm, are arithmetic. */
const LEAST_EXTENSION = 1e-3;

/** The side let out along its end until it is `mm` longer, so that both panels' sides are equally long; it stays one bow. */
export function extendSide(side: Curve, mm: number): Curve {
  const last = side.at(-1);
  if (!last || mm < LEAST_EXTENSION) return side;
  const direction = endDirection(side);
  const extended = (by: number): Segment => {
    const shift = scale(direction, by);
    if (last.kind === 'line') return line(last.a, add(last.b, shift));
    const { a, c, d, b } = asCubic(last);
    return cubic(a, c, add(d, shift), add(b, shift));
  };
  const wanted = segmentLength(last) + mm;
  const { x } = solve((by) => segmentLength(extended(by)) - wanted, 0, 2 * mm);
  return [...side.slice(0, -1), extended(x)];
}

/** The side seam of a panel and the darts its drop asks for. */
export interface PlannedSide {
  readonly side: Curve;
  /** Share of the shaping at the side, mm. */
  readonly sideIn: number;
  readonly darts: readonly SkirtDart[];
}

export function planPanelSide(plan: PanelPlan): PlannedSide {
  const drop = plan.hip - plan.waist;
  const darts = dartsOf(plan, drop);
  const most = (drop > SHAPING.largeDrop ? SHAPING.sideMostLarge : SHAPING.sideMost) * plan.scale;
  const sideIn =
    darts.length === 0 ? sideWithoutDart(plan, drop) : clamp(SHAPING.sidePart[plan.which] * drop, 0, most);
  return { side: sideOf(plan, sideIn), sideIn, darts };
}

/** A shorter slit is none, mm: its edge would have no length. */
const LEAST_SLIT = 1;

/** The centre from the waist to the hem: a fold in front; behind it the zip's edge, and below that the slit's. */
export function centreEdges(plan: PanelPlan, allowances: Allowances): Edge[] {
  const [top, bottom] = [point(0, plan.dip), point(0, plan.length)];
  if (plan.which === 'front')
    return [{ id: 'centre-front', role: 'fold', path: [line(top, bottom)], allowance: 0 }];
  const slitTop = point(0, plan.length - plan.slit);
  const centre = (end: Point): Edge => ({
    id: 'centre-back',
    role: 'centre',
    path: [line(top, end)],
    allowance: allowances.zip,
  });
  if (plan.slit < LEAST_SLIT) return [centre(bottom)];
  return [
    centre(slitTop),
    { id: 'slit', role: 'slit', path: [line(slitTop, bottom)], allowance: allowances.slit },
  ];
}

/** The end of the zip, as a notch on the centre. */
export const zipNotch = (plan: PanelPlan): Notch[] =>
  plan.zipEnd === undefined ? [] : [{ edge: 'centre-back', at: plan.zipEnd - plan.dip, kind: 'single' }];

const hipNotch = (side: Curve, plan: PanelPlan): number => curveLength(side.slice(0, 1)) || plan.hipDepth;

/** One panel of a straight or pegged skirt: the front on the fold, the back a pair with the zip's allowance. */
export function draftPanel(
  plan: PanelPlan,
  { side, sideIn, darts }: PlannedSide,
  allowances: Allowances,
): PanelDraft {
  const waist = waistOf(plan, side, darts);
  const parts = waistEdges(waist, allowances.waist);
  const hem = hemOf(side, plan.length);
  const isFront = plan.which === 'front';
  const centreTop: Point = point(0, plan.dip);
  const hipNotchAt = hipNotch(side, plan);
  const hipOut = placeAtLength(side, hipNotchAt).point;
  // Drawn from the side in, as a bodice's waist is; here it is the upper edge.
  const piece = makePiece(
    turnedLoop({
      id: `skirt-${plan.which}`,
      name: `Skirt ${plan.which}`,
      role: 'outer',
      part: 'skirt',
      face: plan.which,
      cut: isFront ? { copies: 1, layers: 'fold' } : { copies: 2, layers: 'pair' },
      grain: point(0, 1),
      edges: [
        ...parts.edges,
        ...centreEdges(plan, allowances),
        { id: 'hem', role: 'hem', path: reverseCurve(hem), allowance: allowances.hem },
        { id: 'side', role: 'side', path: reverseCurve(side), allowance: allowances.side },
      ],
      notches: [{ edge: 'side', at: curveLength(side) - hipNotchAt, kind: 'single' }, ...zipNotch(plan)],
      darts: parts.darts,
      levels: [
        { name: 'waist', path: [centreTop, startOf(side)] },
        { name: 'hip', path: [point(0, hipOut.y), hipOut] },
        { name: 'hem', path: [point(0, plan.length), endOf(side)] },
      ],
      intakes: waist.mouths.map(({ mm }) => ({ operation: 'waist dart', level: 'waist', mm })),
    }),
  );
  const { sums } = plan;
  const shared = named(
    'hip less waist and side',
    sum(
      plus(sums.hip),
      minus(named('bodice waist', sums.waist)),
      minus(drawn('taken in at the side', sideIn)),
    ),
  );
  const dartSums = Object.fromEntries(
    darts.map(({ weight, tipOut, tipDown }, index) => [
      `waist-dart-${index + 1}`,
      { intake: weight === 1 ? shared : times(shared, weight), tipOut, tipDown },
    ]),
  );
  const dimensions = skirtDimensions(piece, sums, { rise: riseSum(sideIn), darts: dartSums });
  return { piece: { ...piece, dimensions }, waist };
}
