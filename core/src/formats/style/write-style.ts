import type { Ticket } from '../../shop/ticket.ts';
import type { StyleFile } from './read-style.ts';

/** The garment of a ticket as a style of the house: its parts and choices as they were typed, without any measure of its client. */
export const styleFileOf = (
  { unit, styleId, choices }: Pick<Ticket, 'unit' | 'styleId' | 'choices'>,
  name: string,
): StyleFile => ({
  format: 'ample-bolt/style',
  version: 1,
  unit,
  name: name.trim(),
  style: styleId,
  choices: Object.fromEntries(Object.entries(choices ?? {}).map(([id, { typed }]) => [id, typed])),
});
