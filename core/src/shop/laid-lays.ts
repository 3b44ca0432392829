import { laidLay } from '../lay/model/kept-lay.ts';
import { layPiecesOn } from '../lay/model/layable.ts';
import type { Lay } from '../lay/model/lay.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { ClothRole } from '../pieces/piece.ts';
import type { TicketContent } from './ticket.ts';

/** A ticket's lays by their cloths, each with the outlines of its pieces. */
export type LaidLays = { readonly [role in ClothRole]?: Lay };

/** The chosen lays of a ticket as its pieces lie: what is pinned under another cloth after that one, whose lay it follows. */
export function laidLays(
  { cloths, lays }: Pick<TicketContent, 'cloths' | 'lays'>,
  pieces: readonly DraftedPiece[],
): LaidLays {
  const laid = new Map<ClothRole, Lay | undefined>();
  const layOn = (role: ClothRole): Lay | undefined => {
    if (laid.has(role)) return laid.get(role);
    laid.set(role, undefined);
    const [kept, cloth] = [lays[role], cloths.find((each) => each.role === role)];
    if (!kept || !cloth) return undefined;
    const above = cloth.under && layOn(cloth.under);
    const own = layPiecesOn(cloth, pieces, { cloths, lays: above ? { [above.role]: above } : {} });
    const lay = laidLay(kept, own);
    laid.set(role, lay);
    return lay;
  };
  return Object.fromEntries(
    cloths.flatMap(({ role }) => {
      const lay = layOn(role);
      return lay ? [[role, lay]] : [];
    }),
  );
}
