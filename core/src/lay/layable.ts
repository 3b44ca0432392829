import { boxOf, openHalf, signedArea, type Ring } from '../geometry/ring.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { Cut } from '../pieces/piece.ts';
import { asDrawn, halfTurned, mirroredState, upended, type OutlineState } from './outline-state.ts';

/** One outline to chalk: a piece or half-piece, with the states in which it may lie. */
export interface LayItem {
  readonly piece: string;
  readonly copy: number;
  readonly outline: Ring;
  readonly states: readonly OutlineState[];
  /** Lies with its x = 0 on the fold of the cloth. */
  readonly atFold: boolean;
  /** Whether it is chalked on double cloth, and cuts two, or on single. */
  readonly zone: 'double' | 'single';
  readonly area: number;
}

/** What is to be laid: the pieces of one role, each with its cut. */
export interface LayPiece {
  readonly id: string;
  readonly cut: Cut;
  readonly outline: Ring;
}

export const layPieceOf = ({ piece, outline }: DraftedPiece): LayPiece => ({
  id: piece.id,
  cut: piece.cut,
  outline,
});

/** The whole piece as it lies on the opened cloth: a half-piece is opened at its fold. */
export const wholeOutline = ({ cut, outline }: LayPiece): Ring =>
  cut.layers === 'fold' ? openHalf(outline) : outline;

/** Whether double cloth can cut a piece: a single copy, or an odd one, would leave one too many. */
export const canLieDouble = ({ cut }: LayPiece): boolean => {
  switch (cut.layers) {
    case 'fold':
      return cut.copies === 1;
    case 'pair':
      return cut.copies % 2 === 0;
    case 'single':
      return false;
  }
};

/** The outlines to place when `isDouble` says which pieces lie on double cloth. On one-way cloth nothing is turned upside down. */
export function layItems(
  pieces: readonly LayPiece[],
  oneWay: boolean,
  isDouble: (piece: LayPiece) => boolean,
): LayItem[] {
  const turns = (states: readonly OutlineState[]) => (oneWay ? states.filter(({ y }) => y === 1) : states);
  return pieces.flatMap((piece) => {
    const double = isDouble(piece);
    const item = (copy: number, outline: Ring, states: readonly OutlineState[], atFold = false): LayItem => ({
      piece: piece.id,
      copy,
      outline,
      states: turns(states),
      atFold,
      zone: double ? 'double' : 'single',
      area: Math.abs(signedArea(outline)),
    });
    const single = [asDrawn, halfTurned];
    const other = [mirroredState, upended];
    const whole = wholeOutline(piece);
    switch (piece.cut.layers) {
      case 'fold':
        return double
          ? [item(0, piece.outline, [asDrawn, upended], true)]
          : copies(piece).map((copy) => item(copy, whole, single));
      case 'pair':
        return double
          ? Array.from({ length: piece.cut.copies / 2 }, (_, pair) =>
              item(2 * pair, whole, [...single, ...other]),
            )
          : copies(piece).map((copy) => item(copy, whole, copy % 2 === 0 ? single : other));
      case 'single':
        return copies(piece).map((copy) => item(copy, whole, single));
    }
  });
}

const copies = ({ cut }: LayPiece): number[] => Array.from({ length: cut.copies }, (_, copy) => copy);

/** Area of all copies, in mm². */
export const totalArea = (pieces: readonly LayPiece[]): number =>
  pieces.reduce((sum, piece) => sum + piece.cut.copies * Math.abs(signedArea(wholeOutline(piece))), 0);

/** No lay is shorter than its longest piece, nor than its area spread over the usable width. mm. */
export function lengthBound(pieces: readonly LayPiece[], usable: number): number {
  const longest = Math.max(...pieces.map(({ outline }) => boxOf(outline).maxY - boxOf(outline).minY));
  return Math.max(longest, totalArea(pieces) / usable);
}
