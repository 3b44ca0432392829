import { inches } from '../units/length.ts';
import { edgeLength, type Piece } from './piece.ts';
import type { Fullness, Seam } from './seam.ts';
import { edgeAt, walkSeam, type WalkedSide } from './walk-seam.ts';

/** A seam may miss its relation by ⅛ in: what a careful hand eases in without a pucker. Common practice. */
export const SEAM_TOLERANCE = inches(1 / 8);

export interface CheckedSeam extends Seam {
  readonly lengthA: number;
  readonly lengthB: number;
  /** Length of side a less what the relation wants of it, mm; positive when a is too long. */
  readonly difference: number;
  readonly ok: boolean;
}

/** Length of side a that goes with so much of side b, mm. */
function withFullness(fullness: Fullness, lengthB: number): number {
  switch (fullness.kind) {
    case 'equal':
      return lengthB;
    case 'ease':
      return lengthB + fullness.mm;
    case 'gather':
      return lengthB * fullness.ratio;
    case 'pleats':
      return lengthB + 2 * fullness.count * fullness.depth;
  }
}

/** The lengths from notch to notch along one side of a seam, mm. */
const intervals = ({ length, notches }: WalkedSide): number[] => {
  const stops = [0, ...notches, length];
  return stops.slice(1).map((stop, index) => stop - (stops[index] ?? 0));
};

/** The largest miss of any interval of side a against what is wanted of it, mm; positive when a is too long there. */
function betweenNotches(pieces: readonly Piece[], seam: Seam, fullness: readonly Fullness[]): number {
  const { a, b } = walkSeam(pieces, seam);
  const [ofA, ofB] = [intervals(a), intervals(b)];
  if (ofA.length !== fullness.length || ofB.length !== fullness.length)
    throw new Error(
      `${seam.id} has ${ofA.length} and ${ofB.length} intervals where it says ${fullness.length}`,
    );
  return fullness
    .map((each, index) => (ofA[index] ?? 0) - withFullness(each, ofB[index] ?? 0))
    .reduce((worst, each) => (Math.abs(each) > Math.abs(worst) ? each : worst), 0);
}

function differenceOf(pieces: readonly Piece[], seam: Seam, lengthA: number, lengthB: number): number {
  const { relation } = seam;
  switch (relation.kind) {
    case 'equal':
    case 'ease':
    case 'gather':
    case 'pleats':
      return lengthA - withFullness(relation, lengthB);
    case 'between-notches':
      return betweenNotches(pieces, seam, relation.fullness);
    case 'part':
      return lengthA - (lengthB - relation.free) * relation.layers;
  }
}

/** Measures both sides of every seam on the drafted curves and compares them with the seam's relation. */
export function checkSeams(pieces: readonly Piece[], seams: readonly Seam[]): CheckedSeam[] {
  return seams.map((seam) => {
    const total = (references: readonly string[]) =>
      references.reduce((sum, reference) => sum + edgeLength(edgeAt(pieces, reference).edge), 0);
    const lengthA = total(seam.a);
    const lengthB = total(seam.b);
    const difference = differenceOf(pieces, seam, lengthA, lengthB);
    return { ...seam, lengthA, lengthB, difference, ok: Math.abs(difference) <= SEAM_TOLERANCE };
  });
}
