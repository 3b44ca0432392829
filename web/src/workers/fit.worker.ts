import type { LayWay } from '@ample-bolt/core/lay/model/lay';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { makeItFit, type FitTicket, type FitTry } from '@ample-bolt/core/shop/make-it-fit';
import { expose } from 'comlink';

/** Tries what would make a garment fit on its cloth, telling every try as it is done; the ticket comes as JSON, as the page compares it. */
function tryAll(
  ticket: string,
  role: ClothRole,
  fold: LayWay,
  work: number,
  tell: (found: FitTry) => void,
): void {
  for (const found of makeItFit(JSON.parse(ticket) as FitTicket, role, fold, work)) tell(found);
}

const api = { tryAll };
export type FitApi = typeof api;
expose(api);
