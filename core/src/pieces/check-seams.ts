import { inches } from '../units/length.ts';
import type { Piece } from './piece.ts';
import type { Fullness, Seam, SeamSide } from './seam.ts';
import { runLength, walkSeam, type WalkedSide } from './walk-seam.ts';

/** A seam may miss its relation by ⅛ in: what a careful hand eases in without a pucker. Common practice. */
export const SEAM_TOLERANCE = inches(1 / 8);

/** A stretch of a seam from notch to notch; mm. */
export interface SeamInterval {
  readonly lengthA: number;
  readonly lengthB: number;
  /** Length of side a less what is wanted of it there; positive when a is too long. */
  readonly difference: number;
}

export interface CheckedSeam extends Seam, SeamInterval {
  /** Its stretches in the order of both sides: one where the whole seam is of one fullness. Its own difference is the largest of theirs. */
  readonly intervals: readonly SeamInterval[];
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
const stretches = ({ length, notches }: WalkedSide): number[] => {
  const stops = [0, ...notches, length];
  return stops.slice(1).map((stop, index) => stop - (stops[index] ?? 0));
};

const interval = (lengthA: number, lengthB: number, fullness: Fullness): SeamInterval => ({
  lengthA,
  lengthB,
  difference: lengthA - withFullness(fullness, lengthB),
});

/** The stretches of a seam; one whose notches are not as many as it says is a broken invariant, and throws. */
function intervalsOf(
  pieces: readonly Piece[],
  seam: Seam,
  { lengthA, lengthB }: Pick<SeamInterval, 'lengthA' | 'lengthB'>,
): SeamInterval[] {
  const { relation } = seam;
  if (relation.kind !== 'between-notches') return [interval(lengthA, lengthB, relation)];
  const { a, b } = walkSeam(pieces, seam);
  const [ofA, ofB] = [stretches(a), stretches(b)];
  const { fullness } = relation;
  if (ofA.length !== fullness.length || ofB.length !== fullness.length)
    throw new Error(
      `${seam.id} has ${ofA.length} and ${ofB.length} intervals where it says ${fullness.length}`,
    );
  return fullness.map((each, index) => interval(ofA[index] ?? 0, ofB[index] ?? 0, each));
}

/** The place among the intervals of the one that misses most. */
export const worstInterval = (intervals: readonly SeamInterval[]): number =>
  intervals.reduce(
    (worst, { difference }, index) =>
      Math.abs(difference) > Math.abs(intervals[worst]?.difference ?? 0) ? index : worst,
    0,
  );

/** Measures both sides of every seam on the drafted curves, stretch by stretch, and compares them with what they owe each other. */
export function checkSeams(pieces: readonly Piece[], seams: readonly Seam[]): CheckedSeam[] {
  return seams.map((seam) => {
    const total = (side: SeamSide) => side.reduce((sum, run) => sum + runLength(pieces, run), 0);
    const [lengthA, lengthB] = [total(seam.a), total(seam.b)];
    const intervals = intervalsOf(pieces, seam, { lengthA, lengthB });
    const difference = intervals[worstInterval(intervals)]?.difference ?? 0;
    return { ...seam, lengthA, lengthB, intervals, difference, ok: Math.abs(difference) <= SEAM_TOLERANCE };
  });
}
