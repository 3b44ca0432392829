import type { Lay } from '../model/lay.ts';
import { reckoned, type Measuring } from './reckoned.ts';
import type { Sharer } from './together.ts';

/**
 * A ticket's lay once others no longer lie beside it: its own pieces stay where they are, and the cloth ends behind the last that is left. Of
 * those that are left the one that was opened first buys it.
 */
export function leftBy(lay: Lay, own: Sharer, gone: readonly string[], measuring: Measuring): Lay {
  const beside = (lay.beside ?? []).filter(({ ticket }) => !gone.includes(ticket));
  const first = Math.min(own.number, ...beside.map(({ number }) => number));
  const buyer = beside.some(({ number }) => number === lay.boughtBy) ? lay.boughtBy : first;
  return {
    ...reckoned({ ...lay, beside }, measuring),
    beside: beside.length > 0 ? beside : undefined,
    boughtBy: buyer === own.number || beside.length === 0 ? undefined : buyer,
  };
}
