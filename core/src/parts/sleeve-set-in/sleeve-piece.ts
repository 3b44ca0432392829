import type { PartInput } from '../../garment/part.ts';
import { reverseCurve } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { makePiece, type Notch, type Piece, type Face } from '../../pieces/piece.ts';
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
  /** Its lower edge: a hem, or the seam to what is sewn on there. */
  readonly ending: { readonly role: 'hem' | 'flare'; readonly adds: 'topHem' | 'armhole' };
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

/** The sleeve, drawn from the top of its cap on the grain line: front to the right, back to the left. */
export function sleevePiece(plan: SleevePlan, { allowances }: PartInput): Piece {
  const { cap, length, end, ending } = plan;
  const { width, height } = cap;
  const narrower = (width.front + width.back - end.mm) / 2;
  const [frontArm, backArm] = [point(width.front, height), point(-width.back, height)];
  const [frontEnd, backEnd] = [
    point(width.front - narrower, length.mm),
    point(-width.back + narrower, length.mm),
  ];
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
        path: halfCap('back', width.back, height),
        allowance: allowances.armhole,
      },
      {
        id: 'cap-front',
        role: 'armhole',
        path: reverseCurve(halfCap('front', width.front, height)),
        allowance: allowances.armhole,
      },
      {
        id: 'underarm-front',
        role: 'underarm',
        path: [line(frontArm, frontEnd)],
        allowance: allowances.side,
      },
      {
        id: ending.role,
        role: ending.role,
        path: [line(frontEnd, backEnd)],
        allowance: allowances[ending.adds],
      },
      { id: 'underarm-back', role: 'underarm', path: [line(backEnd, backArm)], allowance: allowances.side },
    ],
    notches: capNotches(plan),
    darts: [],
    levels: [
      { name: 'upperArm', path: [backArm, frontArm] },
      { name: 'sleeveHem', path: [backEnd, frontEnd], along: ending.role },
    ],
    intakes: [],
    dimensions: [],
  });
  return { ...piece, dimensions: sleeveDimensions(plan) };
}

/** Cut dimensions of the upper arm line: its depth, its width in front, its whole width. */
function upperArmDimensions({ cap, halves, width }: SleevePlan): Dimension[] {
  const drawnWidth = cap.width.front + cap.width.back;
  const across = sum(plus(width), drawnTerm('no cap is so narrow or wide', drawnWidth - width.mm));
  const frontMore = cap.width.front - drawnWidth / 2;
  const third = divided(sum(plus(halves.front.side.length), plus(halves.back.side.length)), 3);
  return [
    {
      name: 'cap-height',
      label: 'Upper arm line, down',
      kind: 'down',
      at: { kind: 'level', level: 'upperArm', end: 'side' },
      working: sum(plus(third), drawnTerm('so that cap and armhole meet', cap.height - third.mm)),
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

function sleeveDimensions(plan: SleevePlan): Dimension[] {
  const { halves, length, end, ending } = plan;
  const run = (face: Face): Dimension => ({
    name: `cap-${face}-edge`,
    label: `Cap, ${face}`,
    kind: 'length',
    at: { kind: 'edge', edge: `cap-${face}` },
    working: halves[face].length,
  });
  return [
    ...upperArmDimensions(plan),
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
