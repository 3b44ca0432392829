import { cuttingOrder } from '@ample-bolt/core/chalk/chalk-piece';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { Ticket } from '@ample-bolt/core/shop/ticket';

export interface PieceToCut {
  readonly drafted: DraftedPiece;
  readonly cut: boolean;
  /** Chalked through, so that the shears may follow. */
  readonly ready: boolean;
}

/** Every laid piece in cutting order; `toChalk` are the marks that are not chalked yet. */
export function piecesToCut(
  { pieces }: Draft,
  lays: Ticket['lays'],
  cut: readonly string[],
  toChalk: readonly Mark[],
): PieceToCut[] {
  const open = new Set(toChalk.map(({ piece }) => piece));
  return cuttingOrder(pieces)
    .filter(({ piece }) => lays[piece.role])
    .map((drafted) => ({
      drafted,
      cut: cut.includes(drafted.piece.id),
      ready: !open.has(drafted.piece.id),
    }));
}

/** The piece that the shears take next. */
export const nextToCut = (pieces: readonly PieceToCut[]): DraftedPiece | undefined =>
  pieces.find(({ cut, ready }) => ready && !cut)?.drafted;
