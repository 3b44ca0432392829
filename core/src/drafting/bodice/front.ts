import { clamp } from '../../geometry/clamp.ts';
import {
  curveLength,
  endDirection,
  endOf,
  mapCurve,
  splitCurve,
  startOf,
  type Curve,
} from '../../geometry/curve.ts';
import {
  distance,
  point,
  quarterTurn,
  rotate,
  rotateDirection,
  scale,
  subtract,
  type Point,
} from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import { solve } from '../../geometry/solve.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { makePiece, type Dart, type Edge, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { changed, drawn, minus, named, plus, sum, type Working } from '../../workings/working.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../body.ts';
import type { OpenedSeam } from '../closed-seam.ts';
import { waistEdges } from '../waist-edges.ts';
import type { BackDraft } from './back.ts';
import { armholeCurve, frontArmhole } from './armhole.ts';
import type { BodiceFrame } from './frame.ts';
import { panelEdges, panelNotches, waistSeam } from './panel.ts';
import type { BodiceShape } from './shape.ts';
import { chestSum, panelDimensions, underarmSum, waistDrop, type PanelSums } from './panel-dimensions.ts';
import { sideCurve, sideNip, sideOutAt, upperSide } from './side-seam.ts';

export interface FrontDraft {
  /** Without its dimensions, which are worked out once it is settled. */
  readonly piece: Piece;
  readonly dimensions: () => readonly Dimension[];
  readonly bustWidth: number;
  readonly waist: OpenedSeam;
  /** The balance taken by the side dart, or by its waist end when it is too small for a dart. */
  readonly balance: Balance;
}

interface Balance {
  /** By how much the front side is longer than the back's before any of this, mm. */
  readonly excess: number;
  /** Angle of the side dart about the bust point, radians; 0 when there is none. */
  readonly angle: number;
  readonly solved: boolean;
  /** Difference that remains between front and back side seams, mm. */
  readonly residual: number;
  /** The corner of side and waist once all is open. */
  readonly waistSide: Point;
}

/** The side ends at least this far below the bust line, mm. */
const PAST_BUST = 5;
/** The side dart opens at most this far, radians, and by at most this part of the angle that would lift the waist to the bust line. */
const WIDEST_DART = 0.85;
const WIDEST_PART = 0.95;

/** The underarm with the armhole's wedge closed: turned about the bust point. */
const turnedUnderarm = (frame: BodiceFrame, shape: BodiceShape): Point =>
  rotate(upperSide(frame, shape, 'front').underarm, frame.bustPoint, -shape.wedge);

/** The front's armhole alone: chest line and wedge are solved on it. */
export const frontArmholeCurve = (body: Body, frame: BodiceFrame, shape: BodiceShape): Curve =>
  armholeCurve(
    frame.tips.front,
    frame.shoulder,
    turnedUnderarm(frame, shape),
    body.mm('acrossChest'),
    frontArmhole,
    rotateDirection(scale(quarterTurn(upperSide(frame, shape, 'front').leaving), -1), -shape.wedge),
  );

/** Solves the side dart, drawn closed: turned about the bust point until the front side is as long as the back's. */
function solveBalance(frame: BodiceFrame, shape: BodiceShape, waistX: number, backSide: number): Balance {
  const upper = upperSide(frame, shape, 'front');
  const lengthTo = (waistSide: Point) => curveLength(sideCurve(upper, waistSide));
  const atLevel = point(waistX, frame.waist.front);
  const excess = lengthTo(atLevel) - backSide;
  if (shape.darts.bust && excess >= 0) {
    const { x, y } = subtract(atLevel, frame.bustPoint);
    const turn = solve(
      (angle) => lengthTo(rotate(atLevel, frame.bustPoint, -angle)) - backSide,
      0,
      Math.min(WIDEST_DART, WIDEST_PART * Math.atan2(y, x)),
    );
    return { excess, angle: turn.x, solved: turn.ok, residual: turn.residual, waistSide: atLevel };
  }
  // The side passes the bust line, whatever it then lacks: above it no width could be measured.
  const highest = Math.max(shape.chest + 20, frame.bustPoint.y + PAST_BUST);
  const drop = solve((y) => lengthTo(point(waistX, y)) - backSide, highest, frame.waist.front + 120);
  return { excess, angle: 0, solved: drop.ok, residual: drop.residual, waistSide: point(waistX, drop.x) };
}

/** Length along the closed side to the dart's mouth: a little below the bust line, so that the line stays whole. mm. */
function dartPlace(frame: BodiceFrame, shape: BodiceShape, side: number): number {
  const lever = upperSide(frame, shape, 'front').underarm.x - frame.bustPoint.x;
  const below = frame.bustPoint.y - shape.chest + inches(0.6) * frame.scale + shape.wedge * lever;
  return clamp(below, 0.25 * side, 0.75 * side);
}

interface Side {
  readonly edges: Edge[];
  readonly darts: Dart[];
  readonly direction: Point;
  /** Length of the lower part, from the dart to the waist, mm. */
  readonly lower: number;
}

/** The side with its balance dart opened: the part above turns with the wedge, the part below with the balance. */
function openSide(
  frame: BodiceFrame,
  shape: BodiceShape,
  closed: Curve,
  balance: Balance,
  allowance: number,
): Side {
  if (balance.angle === 0 && shape.wedge === 0) {
    return {
      edges: [{ id: 'side', role: 'side', path: closed, allowance }],
      darts: [],
      direction: endDirection(closed),
      lower: curveLength(closed),
    };
  }
  const turn = (curve: Curve, angle: number) => mapCurve(curve, (p) => rotate(p, frame.bustPoint, angle));
  const [above, below] = splitCurve(closed, dartPlace(frame, shape, curveLength(closed)));
  const upper = turn(above, -shape.wedge);
  const lower = turn(below, balance.angle);
  return {
    edges: [
      { id: 'side-upper', role: 'side', path: upper, allowance },
      { id: 'bust-dart-upper', role: 'dart', path: [line(endOf(upper), frame.bustPoint)], allowance: 0 },
      { id: 'bust-dart-lower', role: 'dart', path: [line(frame.bustPoint, startOf(lower))], allowance: 0 },
      { id: 'side-lower', role: 'side', path: lower, allowance },
    ],
    darts: [{ id: 'bust-dart', in: 'side', legs: ['bust-dart-upper', 'bust-dart-lower'], pressed: 'hem' }],
    direction: endDirection(lower),
    lower: curveLength(lower),
  };
}

/** The bust line as it lies on the opened front: straight to the bust point, then turned with the wedge. */
function bustLevel(frame: BodiceFrame, shape: BodiceShape, width: number): Point[] {
  const end = rotate(point(width, frame.bustPoint.y), frame.bustPoint, -shape.wedge);
  return [point(0, frame.bustPoint.y), frame.bustPoint, end];
}

/** The bodice front: a half-piece on the fold, its darts drawn to the bust point. */
export function draftFront(
  body: Body,
  frame: BodiceFrame,
  shape: BodiceShape,
  rules: RuleSet,
  allowances: Allowances,
  back: Pick<BackDraft, 'sideLength' | 'sideSum'>,
): FrontDraft {
  const backSide = back.sideLength;
  const nipSum = sideNip(waistDrop(frame, 'front'), rules, frame.scale);
  const waistX = frame.bustWidth.front - nipSum.mm + shape.waistShift.front;
  const balance = solveBalance(frame, shape, waistX, backSide);
  const closedWaist = rotate(balance.waistSide, frame.bustPoint, -balance.angle);
  const closed = sideCurve(upperSide(frame, shape, 'front'), closedWaist);
  const side = openSide(frame, shape, closed, balance, allowances.side);
  const darts = shape.darts.front ? [{ tip: frame.bustPoint, axis: point(0, 1), weight: 1 }] : [];
  const waist = waistSeam(frame, 'front', balance.waistSide, side.direction, darts);
  const bustWidth = sideOutAt(closed, frame.bustPoint.y);
  const armhole = frontArmholeCurve(body, frame, shape);
  const waistParts = waistEdges(waist, allowances.waist);
  const sideNotchEdge = side.darts.length > 0 ? 'side-lower' : 'side';
  const piece = makePiece({
    id: 'bodice-front',
    name: 'Bodice front',
    role: 'outer',
    part: 'bodice',
    face: 'front',
    cut: { copies: 1, layers: 'fold' },
    grain: point(0, 1),
    edges: panelEdges(frame, 'front', { armhole, side: side.edges, waist: waistParts.edges }, allowances),
    notches: panelNotches('front', armhole, sideNotchEdge, side.lower, backSide),
    darts: [...side.darts, ...waistParts.darts],
    levels: [
      { name: 'chest', path: [point(0, shape.chest), turnedUnderarm(frame, shape)] },
      { name: 'bust', path: bustLevel(frame, shape, bustWidth) },
      { name: 'waist', path: [point(0, frame.waist.front), balance.waistSide] },
    ],
    intakes: [
      {
        operation: 'balance',
        level: 'side',
        mm: 2 * distance(frame.bustPoint, closedWaist) * Math.sin(balance.angle / 2),
      },
      {
        operation: 'armhole wedge',
        level: 'armhole',
        mm: 2 * distance(frame.bustPoint, turnedUnderarm(frame, shape)) * Math.sin(shape.wedge / 2),
      },
      ...waist.mouths.map(({ mm }) => ({ operation: 'waist dart', level: 'waist' as const, mm })),
    ],
  });
  const dimensions = () =>
    panelDimensions(piece, frame, 'front', frontSums({ body, frame, shape, balance, back, nip: nipSum }));
  return { piece, dimensions, bustWidth, waist, balance };
}

interface FrontSumsOf {
  readonly body: Body;
  readonly frame: BodiceFrame;
  readonly shape: BodiceShape;
  readonly balance: Balance;
  readonly back: Pick<BackDraft, 'sideSum'>;
  readonly nip: Working;
}

/** The sums that the front was drawn by, beside those of its frame. */
function frontSums({ body, frame, shape, balance, back, nip }: FrontSumsOf): PanelSums {
  const { sums, bustPoint } = frame;
  const underarm = turnedUnderarm(frame, shape);
  const wedge = 2 * distance(bustPoint, underarm) * Math.sin(shape.wedge / 2);
  const flat = upperSide(frame, shape, 'front').underarm.x;
  const bustLine = named('bust line', sums.bustLine);
  return {
    chest: chestSum(body, shape),
    underarm: changed(underarmSum(sums.chestWidth.front, flat), 'turned', underarm.x - flat),
    bust: sums.bustWidth.front,
    waistSide: changed(
      named('waist line', sums.waist.front),
      'trued',
      balance.waistSide.y - frame.waist.front,
    ),
    side: named('side seam of the back', back.sideSum),
    darts: {
      'bust-dart': {
        intake: sum(
          plus(named('waist line, front', sums.waist.front)),
          minus(named('waist line, back', sums.waist.back)),
          plus(drawn('armhole wedge', wedge)),
        ),
        tipOut: sums.bustOut,
        tipDown: bustLine,
      },
      'waist-dart-1': {
        intake: sum(plus(waistDrop(frame, 'front')), minus(named('side nip', nip))),
        tipOut: sums.bustOut,
        tipDown: bustLine,
      },
    },
  };
}
