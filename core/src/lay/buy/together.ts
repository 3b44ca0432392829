import type { Beside, Lay, Placement } from '../model/lay.ts';
import type { LayPiece } from '../model/layable.ts';

/** A ticket that shares a stretch of cloth with others. */
export interface Sharer {
  readonly id: string;
  readonly number: number;
}

/** A piece of a ticket where pieces of several lie together: `5:bodice-front`. */
const numberedId = (number: number, id: string): string => `${number}:${id}`;

export const numberedPieces = (number: number, pieces: readonly LayPiece[]): LayPiece[] =>
  pieces.map((piece) => ({ ...piece, id: numberedId(number, piece.id) }));

const numbered = ({ number, placements }: Pick<Beside, 'number' | 'placements'>): Placement[] =>
  placements.map((placement) => ({ ...placement, piece: numberedId(number, placement.piece) }));

/** A ticket's lay with what others have on the same stretch, as it lies on the table. */
export function wholeLay(lay: Lay): Lay {
  const { beside = [], ...own } = lay;
  const placements = [...own.placements, ...beside.flatMap(numbered)];
  return beside.length === 0 ? lay : { ...own, placements, boughtBy: undefined };
}

/**
 * A lay of several tickets as each of them has it: its own pieces by their own ids, and what the others have beside them. Pieces without a number
 * are the first ticket's, which buys the cloth.
 */
export function dealtOut(
  whole: Lay,
  buyer: Sharer,
  others: readonly Sharer[],
): { readonly ticket: string; readonly lay: Lay }[] {
  const isOf = (placement: Placement, { number }: Sharer) => placement.piece.startsWith(`${number}:`);
  const shares = [
    {
      ...buyer,
      placements: whole.placements.filter((placement) => !others.some((other) => isOf(placement, other))),
    },
    ...others.map((other) => ({
      ...other,
      placements: whole.placements
        .filter((placement) => isOf(placement, other))
        .map((placement) => ({ ...placement, piece: placement.piece.slice(`${other.number}:`.length) })),
    })),
  ];
  return shares.map(({ id, placements }) => ({
    ticket: id,
    lay: {
      ...whole,
      placements,
      beside: shares.flatMap((other) =>
        other.id === id ? [] : [{ ticket: other.id, number: other.number, placements: other.placements }],
      ),
      boughtBy: id === buyer.id ? undefined : buyer.number,
    },
  }));
}

/** Whether a lay is shared with just these tickets. */
export const isSharedWith = ({ beside = [] }: Pick<Lay, 'beside'>, tickets: readonly string[]): boolean =>
  beside.length === tickets.length && beside.every(({ ticket }) => tickets.includes(ticket));
