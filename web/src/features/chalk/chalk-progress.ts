import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Ticket } from '@ample-bolt/core/shop/ticket';

type Chalked = Ticket['chalked'];

const countOf = (chalked: Chalked, piece: string): number => chalked[piece] ?? 0;

/** Marks are done from the first on within each piece. */
const isOpen = (mark: Mark, chalked: Chalked): boolean => mark.order > countOf(chalked, mark.piece);

/** Marks that are not chalked yet. */
export const openMarks = (marks: readonly Mark[], chalked: Chalked): Mark[] =>
  marks.filter((mark) => isOpen(mark, chalked));

/** The first open mark of the piece in hand, or else of all; as many as there are marks when none is open. */
export function markInHandIndex(marks: readonly Mark[], chalked: Chalked, inHand?: string): number {
  const own = marks.findIndex((mark) => mark.piece === inHand && isOpen(mark, chalked));
  const open = own < 0 ? marks.findIndex((mark) => isOpen(mark, chalked)) : own;
  return open < 0 ? marks.length : open;
}

/** What is chalked once a mark is. */
export const withMark = (chalked: Chalked, { piece, order }: Pick<Mark, 'piece' | 'order'>): Chalked => ({
  ...chalked,
  [piece]: order,
});

/** The piece that a step back rubs a mark out of: the one in hand, or the last before it that has any. */
export function pieceBehind(marks: readonly Mark[], chalked: Chalked, index: number): string | undefined {
  const inHand = marks[index]?.piece;
  if (inHand !== undefined && countOf(chalked, inHand) > 0) return inHand;
  return marks.slice(0, index).findLast(({ piece }) => countOf(chalked, piece) > 0)?.piece;
}

/** What is chalked once the last mark of a piece is rubbed out. */
export const withoutLast = (chalked: Chalked, piece: string): Chalked => ({
  ...chalked,
  [piece]: Math.max(0, countOf(chalked, piece) - 1),
});

/** A piece with how many of its marks are chalked. */
export interface PieceProgress {
  readonly piece: string;
  readonly done: number;
  readonly inAll: number;
}

/** Every piece in chalking order, with how far it is. */
export function piecesInHand(marks: readonly Mark[], chalked: Chalked): PieceProgress[] {
  const pieces = [...new Set(marks.map(({ piece }) => piece))];
  return pieces.map((piece) => ({
    piece,
    done: countOf(chalked, piece),
    inAll: marks.filter((mark) => mark.piece === piece).length,
  }));
}
