import { inches } from '../units/length.ts';
import { edgeLength, edgeOf, type Piece } from './piece.ts';
import type { Seam, SeamRelation } from './seam.ts';

/** A seam may miss its relation by ⅛ in: what a careful hand eases in without a pucker. Common practice. */
export const SEAM_TOLERANCE = inches(1 / 8);

export interface CheckedSeam extends Seam {
  readonly lengthA: number;
  readonly lengthB: number;
  /** How far side a is from what the relation wants of it, mm; positive when a is too long. */
  readonly difference: number;
  readonly ok: boolean;
}

function lengthOf(pieces: readonly Piece[], reference: string): number {
  const [pieceId, edgeId] = reference.split('/');
  const piece = pieces.find((candidate) => candidate.id === pieceId);
  if (!piece || edgeId === undefined) throw new Error(`a seam names ${reference}, which is not drafted`);
  return edgeLength(edgeOf(piece, edgeId));
}

function wantedOfA(relation: SeamRelation, lengthB: number): number {
  switch (relation.kind) {
    case 'equal':
      return lengthB;
    case 'ease':
      return lengthB + relation.mm;
    case 'gather':
      return lengthB * relation.ratio;
    case 'part':
      return (lengthB - relation.free) * relation.layers;
  }
}

/** Measures both sides of every seam on the drafted curves and compares them with the seam's relation. */
export function checkSeams(pieces: readonly Piece[], seams: readonly Seam[]): CheckedSeam[] {
  return seams.map((seam) => {
    const total = (references: readonly string[]) =>
      references.reduce((sum, reference) => sum + lengthOf(pieces, reference), 0);
    const lengthA = total(seam.a);
    const lengthB = total(seam.b);
    const difference = lengthA - wantedOfA(seam.relation, lengthB);
    return { ...seam, lengthA, lengthB, difference, ok: Math.abs(difference) <= SEAM_TOLERANCE };
  });
}
