import type { EnteredById, Ticket } from '../../shop/ticket.ts';
import type { OrderFile } from './order.ts';

const written = (entered: EnteredById): { [id: string]: string } =>
  Object.fromEntries(Object.entries(entered).map(([id, { typed }]) => [id, typed]));

const millimetres = (mm: number): string => `${mm}mm`;

/** A ticket as an order file: lengths as they were typed, so that reading it back drafts the same garment. */
export const orderFileOf = (ticket: Ticket): OrderFile => ({
  format: 'ample-bolt/order',
  version: 1,
  unit: ticket.unit,
  client: { name: ticket.client.name, kind: ticket.client.kind },
  measured: { from: ticket.measures.from, startLine: ticket.measures.startLine },
  measures: written(ticket.measures.values),
  observations: ticket.measures.observations,
  garments: [{ style: ticket.styleId, choices: written(ticket.choices ?? {}) }],
  cloths: ticket.cloths.map((cloth) => ({
    ...cloth,
    width: millimetres(cloth.width),
    selvedge: millimetres(cloth.selvedge),
    length: cloth.length === null ? null : millimetres(cloth.length),
  })),
});
