import type { PartInput } from '../../garment/part.ts';
import {
  curveLength,
  endOf,
  pointWhere,
  reverseCurve,
  sampleCurve,
  startOf,
  type Curve,
} from '../../geometry/curve.ts';
import { solve } from '../../geometry/solve.ts';
import { squareHem } from '../../drafting/operations/edges/square-hem.ts';
import { point, type Point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import {
  faces,
  makePiece,
  OUTLINE_TOLERANCE,
  type Notch,
  type Piece,
  type Face,
} from '../../pieces/piece.ts';
import { divided, drawnTerm, named, plus, sum, type Working } from '../../workings/working.ts';
import { onCap, type CapHalf } from './cap-half.ts';
import { halfCap, type SleeveCap } from './sleeve-cap.ts';

/** Plan of a sleeve: its solved cap, its length, the width of its end and of the upper arm. */
export interface SleevePlan {
  readonly cap: SleeveCap;
  readonly halves: { readonly [face in Face]: CapHalf };
  readonly length: Working;
  readonly end: Working;
  readonly width: Working;
  readonly ending: SleeveEnding;
}

/** The lower edge of a sleeve: a hem, or the seam to a flare or a cuff, and places on it, as parts of it from its front end. */
export interface SleeveEnding {
  readonly role: 'hem' | 'flare' | 'cuff';
  readonly adds: 'topHem' | 'armhole' | 'strip';
  readonly notches?: readonly { readonly at: number; readonly marks: NonNullable<Notch['marks']> }[];
}

function capNotches({ halves }: SleevePlan): Notch[] {
  const frontLength = halves.front.length.mm;
  return [
    ...halves.back.notches.map((at): Notch => ({
      edge: 'cap-back',
      at: onCap(halves.back, at),
      kind: 'double',
    })),
    { edge: 'cap-front', at: 0, kind: 'single', marks: 'shoulder seam' },
    ...halves.front.notches.map((at): Notch => ({
      edge: 'cap-front',
      at: frontLength - onCap(halves.front, at),
      kind: 'single',
    })),
  ];
}

const endNotches = ({ ending: { role, notches = [] }, end }: SleevePlan): Notch[] =>
  notches.map(({ at, marks }): Notch => ({ edge: role, at: at * end.mm, kind: 'single', marks }));

/** The underarm seams and the lower edge between them, square to both: as long as is asked, so that it runs on once the sleeve is closed. */
function lowerPart({ cap: { width, height }, length, end }: SleevePlan) {
  const [frontArm, backArm] = [point(width.front, height), point(-width.back, height)];
  const at = (narrower: number) => {
    const front: Curve = [line(frontArm, point(width.front - narrower, length.mm))];
    const back: Curve = [line(point(narrower - width.back, length.mm), backArm)];
    return { front, back, edge: squareHem(front, back) };
  };
  const straight = (width.front + width.back - end.mm) / 2;
  const off = 0.25 * end.mm;
  const { x } = solve((by) => curveLength(at(by).edge) - end.mm, straight - off, straight + off);
  return at(x);
}

/** A cap that dips under its ends, above seams that flare, is cleared by so many times its dip, and by no more than this, mm. */
const DIPS = 10;
const CLEAR = 0.5;

/** The line around the upper arm, from seam to seam: at the foot of the cap, or where that dips under its own ends just below it. */
function upperArmLine({ cap }: SleevePlan, { front, back }: ReturnType<typeof lowerPart>): Point[] {
  const { width, height, taper } = cap;
  const lowest = Math.max(
    ...faces.flatMap((face) =>
      sampleCurve(halfCap(face, width[face], height, taper), OUTLINE_TOLERANCE).map(({ y }) => y),
    ),
  );
  const dip = lowest - height;
  if (dip <= 0) return [endOf(back), startOf(front)];
  const below = (path: Curve) => pointWhere(path, 'y', lowest + Math.min(CLEAR, DIPS * dip)) ?? endOf(path);
  return [below(back), below(front)];
}

/** The sleeve, drawn from the top of its cap on the grain line: front to the right, back to the left. */
export function sleevePiece(plan: SleevePlan, { allowances }: PartInput): Piece {
  const { cap, ending } = plan;
  const { width, height } = cap;
  const lower = lowerPart(plan);
  const [frontEnd, backEnd] = [endOf(lower.front), startOf(lower.back)];
  const piece = makePiece({
    id: 'sleeve',
    name: 'Sleeve',
    role: 'outer',
    part: 'sleeve',
    cut: { copies: 2, layers: 'pair' },
    grain: point(0, 1),
    edges: [
      {
        id: 'cap-back',
        role: 'armhole',
        path: halfCap('back', width.back, height, cap.taper),
        allowance: allowances.armhole,
      },
      {
        id: 'cap-front',
        role: 'armhole',
        path: reverseCurve(halfCap('front', width.front, height, cap.taper)),
        allowance: allowances.armhole,
      },
      {
        id: 'underarm-front',
        role: 'underarm',
        path: lower.front,
        allowance: allowances.side,
      },
      {
        id: ending.role,
        role: ending.role,
        path: lower.edge,
        allowance: allowances[ending.adds],
      },
      { id: 'underarm-back', role: 'underarm', path: lower.back, allowance: allowances.side },
    ],
    notches: [...capNotches(plan), ...endNotches(plan)],
    darts: [],
    levels: [
      { name: 'upperArm', path: upperArmLine(plan, lower) },
      { name: 'sleeveHem', path: [backEnd, frontEnd], along: ending.role },
    ],
    intakes: [],
    dimensions: [],
  });
  return { ...piece, dimensions: sleeveDimensions(plan, upperArmLine(plan, lower)) };
}

/** Cut dimensions of the upper arm line: its depth, its width in front, its whole width. */
function upperArmDimensions(
  { cap, halves, width }: SleevePlan,
  [left, right]: readonly Point[],
): Dimension[] {
  const armLine = left?.y ?? cap.height;
  const drawnWidth = (right?.x ?? cap.width.front) - (left?.x ?? -cap.width.back);
  const across = sum(plus(width), drawnTerm('no cap is so narrow or wide', drawnWidth - width.mm));
  const frontMore = cap.width.front - drawnWidth / 2;
  const third = divided(sum(plus(halves.front.side.length), plus(halves.back.side.length)), 3);
  return [
    {
      name: 'cap-height',
      label: 'Upper arm line, down',
      kind: 'down',
      at: { kind: 'level', level: 'upperArm', end: 'side' },
      working: sum(plus(third), drawnTerm('so that cap and armhole meet', armLine - third.mm)),
      follows: true,
    },
    {
      name: 'front-width',
      label: 'Upper arm line, out to the front seam',
      kind: 'out',
      at: { kind: 'corner', of: 'armhole', end: 'end' },
      working: sum(
        plus(divided(named('upper arm, whole', across), 2)),
        drawnTerm(frontMore < 0 ? 'narrower in front by' : 'wider in front by', frontMore),
      ),
      adds: 'side',
    },
    {
      name: 'upper-arm',
      label: 'Upper arm, seam to seam',
      kind: 'length',
      at: { kind: 'width', level: 'upperArm' },
      working: across,
      follows: true,
    },
  ];
}

function sleeveDimensions(plan: SleevePlan, armLine: readonly Point[]): Dimension[] {
  const { halves, length, end, ending } = plan;
  const run = (face: Face): Dimension => ({
    name: `cap-${face}-edge`,
    label: `Cap, ${face}`,
    kind: 'length',
    at: { kind: 'edge', edge: `cap-${face}` },
    working: halves[face].length,
  });
  return [
    ...upperArmDimensions(plan, armLine),
    run('front'),
    run('back'),
    {
      name: 'end-edge',
      label: 'Lower end, seam to seam',
      kind: 'length',
      at: { kind: 'run', of: ending.role },
      working: end,
    },
    {
      name: 'length',
      label: 'Lower end, down from the top of the cap',
      kind: 'down',
      at: { kind: 'corner', of: ending.role, end: 'start' },
      working: length,
      adds: ending.adds,
    },
  ];
}
