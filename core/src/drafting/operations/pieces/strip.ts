import { point, unitVector } from '../../../geometry/point.ts';
import { line } from '../../../geometry/segment.ts';
import { makePiece, type ClothRole, type Notch, type PartName, type Piece } from '../../../pieces/piece.ts';
import { times, type Working } from '../../../workings/working.ts';

/** A straight strip: what it joins measures its length, mm. */
export interface StripPlan {
  readonly id: string;
  readonly name: string;
  readonly role: ClothRole;
  readonly part?: PartName;
  /** Stitch to stitch. */
  readonly length: Working;
  /** Finished; a doubled strip is folded along its middle and cut twice as wide. */
  readonly width: Working;
  readonly doubled: boolean;
  /** Cut on the bias, so that it follows a curve; along the grain unless it is said. */
  readonly bias?: boolean;
  readonly copies: number;
  readonly allowance: number;
  /** Places of seams and centres of its partner on the strip, mm from its start. */
  readonly notchesAt: readonly number[];
}

/** The grain of a strip on the bias: half a right angle to its length. */
const BIAS = unitVector(point(1, 1));

/** A strip lies with its length along the grain or on the bias, out from x = 0; its long edge at x = 0 is the one that is sewn. */
export function strip(plan: StripPlan): Piece {
  const { allowance } = plan;
  const length = plan.length.mm;
  const across = plan.doubled ? times(plan.width, 2) : plan.width;
  const wide = across.mm;
  const [a, b, c, d] = [point(0, 0), point(wide, 0), point(wide, length), point(0, length)];
  const notches = plan.notchesAt
    .filter((at) => at > 1 && at < length - 1)
    .map((at): Notch => ({ edge: 'band', at: length - at, kind: 'single' }));
  return makePiece({
    id: plan.id,
    name: plan.name,
    role: plan.role,
    part: plan.part ?? 'strip',
    cut: { copies: plan.copies, layers: plan.copies % 2 === 0 ? 'pair' : 'single' },
    grain: plan.bias ? BIAS : point(0, 1),
    edges: [
      { id: 'end-start', role: 'end', path: [line(a, b)], allowance },
      { id: 'free', role: plan.doubled ? 'band' : 'free', path: [line(b, c)], allowance },
      { id: 'end-finish', role: 'end', path: [line(c, d)], allowance },
      { id: 'band', role: 'band', path: [line(d, a)], allowance },
    ],
    notches,
    darts: [],
    levels: [],
    intakes: [],
    dimensions: [
      {
        name: 'length',
        label: 'Length, stitch to stitch',
        kind: 'length',
        at: { kind: 'edge', edge: 'band' },
        working: plan.length,
      },
      {
        name: 'width',
        label: plan.doubled ? 'Width, opened out' : 'Width',
        kind: 'length',
        at: { kind: 'edge', edge: 'end-start' },
        working: across,
      },
    ],
  });
}

/** Number of lengths that a strip is pieced from, where the cloth gives `usable` mm in one and each length loses two joins. */
export const pieceCount = (length: number, usable: number, join: number): number =>
  Math.max(1, Math.ceil(length / (usable - 2 * join)));
